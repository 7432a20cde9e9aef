require "core_test"
require "open3"

# Letters of many scripts: each has a face, is measured, and can be read back from what is printed.
class LettersTest < CoreTest
  Faces = Usher::Text::Faces
  WORDS = { "accented Greek" => "άέήίόύώ ἀρχὴ", "ticks and boxes" => "✔✗☐☑☒", "Devanagari" => "समुद्र", "Bengali" => "নৌকা", "Tamil" => "கடல்", "Thai" => "ทะเล", "Georgian" => "ზღვა", "Armenian" => "Ծով", "Amharic" => "ባሕር",
    "Chinese" => "潮水", "Japanese" => "なみ", "Korean" => "바다", "Emoji" => "🌊" }.freeze

  def test_each_script_has_a_face_and_a_breadth
    WORDS.each do |script, words|
      assert words.delete(" ").each_char.all? { |char| Faces.cover?(char) }, script
      assert_operator Faces.fetch("read").width(words), :>, 0.5, script
      refute_equal 0, Faces.fetch("title", bold: true).width(words), script
    end
    refute Faces.cover?("\u{10FFFF}")
  end

  def test_what_is_printed_has_the_letters_and_the_house_faces_stay
    texts = [ *WORDS.values.reject { |words| words == "🌊" }, "Neap tide" ].each_with_index.map { |words, index| Usher::Page::Drawing.item(Usher::Page::Placed.new(item("text", text: words, width: 900, y: index * 60, size: 40), index), 0) }
    pdf = Usher::Formats::Pdf::Writer.write([ Usher::Page::Drawing.document(Usher::Page::Style::DEFAULTS, texts) ])
    fonts, = Open3.capture2("pdffonts", "-", stdin_data: pdf, binmode: true)
    %w[Atkinson Arimo Symbols2 Devanagari Bengali Tamil Thai Georgian Armenian Ethiopic CJK].each { |face| assert_includes fonts, face }
    text, = Open3.capture2("pdftotext", "-", "-", stdin_data: pdf, binmode: true)
    [ "潮水", "바다", "ზღვა", "ทะเล", "Neap tide" ].each { |words| assert_includes text.force_encoding("UTF-8"), words }
  end
end
