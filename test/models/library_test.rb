require "test_helper"
require "library/builder"

# The library of drawings: how it is built from its packs, and how it is searched.
class LibraryTest < ActiveSupport::TestCase
  test "other words for a thing, and what it is a plural of" do
    words = Library::Thesaurus.new
    { "boats" => "boat", "mice" => "mouse", "children" => "child", "berries" => "berry", "boxes" => "box", "wolves" => "wolf", "glass" => "glass", "xyzzys" => "xyzzys" }.each { |plural, one| assert_equal one, words.singular(plural) }
    assert_includes words.others("automobiles"), "car"
    assert_not_includes words.others("car"), "car"
  end

  test "only drawings that suit a classroom, each once, with a title that says what it is" do
    drawings = Library::Clipart.new.first(400)
    assert_equal drawings.size, drawings.uniq { |drawing| drawing[:svg] }.size
    assert drawings.all? { |drawing| drawing[:title].match?(/[[:alpha:]]/) && drawing[:svg].bytesize <= Library::Clipart::LARGEST }
    assert drawings.none? { |drawing| "#{drawing[:title]} #{drawing[:words]}".match?(Library::Clipart::UNSUITED) }
    assert(drawings.all? { |drawing| drawing[:svg].match?(/PublicDomain/i) })
  end

  test "signs come with their words, without skin tones and flags" do
    signs = Library::Emoji.new.to_a
    anchor = signs.find { |sign| sign[:title] == "Anchor" }
    assert_match(/ship/, anchor[:words])
    assert_equal signs.size, signs.map { |sign| sign[:title] }.uniq.size
    assert_empty signs.map { |sign| sign[:title] }.grep(/skin tone|\AFlag/i)
  end

  test "a library is built whole or not at all: harmless, cut to what is seen, and found by its words" do
    pack = [ { title: "Ferry", words: "ship harbour", pack: "test", svg: '<svg xmlns="http://www.w3.org/2000/svg" width="1000" height="800"><script>1</script><rect x="400" y="300" width="200" height="100" fill="#b3411d"/></svg>' },
      { title: "Nothing", words: "", pack: "test", svg: '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"></svg>' }, { title: "Broken", words: "", pack: "test", svg: "<svg" } ]
    Dir.mktmpdir do |folder|
      path = File.join(folder, "library.sqlite3")
      build(path, pack)
      database = SQLite3::Database.new(path)
      assert_equal [ [ "Ferry" ] ], database.execute("SELECT title FROM drawings")
      width, height, svg = database.execute("SELECT width, height, svg FROM drawings").first
      assert_in_delta 200, width, 30
      assert_in_delta 100, height, 30
      assert_no_match(/script/, svg)
      assert_equal 1, database.execute("SELECT count(*) FROM drawing_words WHERE drawing_words MATCH 'synonyms: vessel OR ferryboat'").first.first
      assert_empty Dir[File.join(folder, "*.part")]
    end
  end

  test "whole words come before words that only begin so, and nothing typed is an operator" do
    titles = ->(query) { Library::Drawing.search(query).map(&:title) }
    assert_equal "Car", titles["car"].first
    assert_includes titles["lighth"], "Lighthouse"
    assert_equal titles["mouse"].first, titles["mice"].first
    [ "\"", "boat OR", "NEAR(", "title:", "*", "-", "(" ].each { |odd| assert_kind_of Array, titles[odd] }
    assert_equal Library::Drawing::MOST, titles[""].size
    assert_nil Library::Drawing.named("nonsense")
  end

  private

  # In a process of its own, as at set-up: inside Rails the reader of drawings it uses is locked.
  def build(path, pack)
    code = "Library::Builder.new(ARGV[0], packs: [ JSON.parse($stdin.read, symbolize_names: true) ]).build"
    _, problem, status = Open3.capture3("bundle", "exec", "ruby", "-I", Rails.root.join("lib").to_s, "-r", "bundler/setup", "-r", "json", "-r", "library/builder", "-e", code, path, stdin_data: pack.to_json)
    assert status.success?, problem
  end
end
