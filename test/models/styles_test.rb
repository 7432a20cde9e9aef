require "test_helper"

# A class of the styles has one owner: a style of the desk cannot hide something of the board.
class StylesTest < ActiveSupport::TestCase
  FOLDER = Rails.root.join("app/assets/tailwind")

  test "every class is styled in one file" do
    owners = Hash.new { |files, name| files[name] = Set.new }
    FOLDER.glob("**/*.css").each do |file|
      file.read.gsub(%r{/\*.*?\*/}m, "").scan(/^  \.([\w-]+)(?:,|\s*\{)/) { |name,| owners[name] << file.relative_path_from(FOLDER).to_s }
    end
    assert_operator owners.size, :>, 100
    assert_empty owners.select { |_, files| files.size > 1 }
  end
end
