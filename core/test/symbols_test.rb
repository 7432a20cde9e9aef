require "core_test"

class SymbolsTest < CoreTest
  def names(words) = Usher::Symbols.search(words).values.flatten.map(&:character)

  def test_every_character_has_a_glyph_in_one_of_our_faces
    missing = Usher::Symbols.groups.values.flatten.flat_map { |symbol| symbol.character.chars }.uniq.reject { |char| Usher::Text::Faces.cover?(char) }
    assert_empty missing
  end

  def test_they_are_found_by_any_word_of_their_name_and_by_themselves
    assert_includes names("arrow right"), "→"
    assert_equal %w[£], names("Pound")
    assert_includes names("≤"), "≤"
    assert_empty Usher::Symbols.search("lighthouse")
    assert_equal Usher::Symbols.groups, Usher::Symbols.search("  ")
  end

  def test_names_are_there_and_groups_have_no_doubles
    Usher::Symbols.groups.each do |group, symbols|
      assert_equal symbols.uniq(&:character).size, symbols.size, group
      assert symbols.all? { |symbol| symbol.name.to_s != "" }, group
    end
  end
end
