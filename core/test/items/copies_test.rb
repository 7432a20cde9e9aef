require_relative "../core_test"

# Copies of things that lie together.
class CopiesTest < CoreTest
  def test_ids_and_groups_are_new_and_belong_together_as_before
    things = [ item("rectangle", "id" => "a", "groups" => %w[boat]), item("star", "id" => "b", "groups" => %w[boat]), item("note", "id" => "c") ]
    names = (1..).each
    copies = Usher::Items.copies(things, by: [ 10, -5 ]) { "n#{names.next}" }
    assert_empty copies.flat_map { |copy| [ copy["id"], *copy["groups"] ] } & %w[a b c boat]
    assert_equal [ copies[0]["groups"], 1 ], [ copies[1]["groups"], copies[0]["groups"].size ]
    assert_equal(things.map { |thing| [ thing.x + 10, thing.y - 5 ] }, copies.map { |copy| copy.values_at("x", "y") })
    assert_empty Usher::Items.copies([]) { flunk }
  end
end
