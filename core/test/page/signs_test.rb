require "core_test"

# Of a group whose things open the same, one carries the sign.
class SignsTest < CoreTest
  LINK = { "to" => "address", "address" => "https://tide.example" }.freeze

  def setup
    @page = Usher::Page::Memory.new
    put item("note", id: "low", x: 100, y: 400, groups: %w[crew]), item("note", id: "high", x: 100, y: 100, groups: %w[crew]), item("note", id: "alone", x: 600, y: 100)
  end

  def test_the_one_furthest_up_and_right_carries_it_and_all_open
    change("link" => LINK)
    assert_equal %w[alone high], signed
    assert_equal %w[alone high low], @page.stack.select { |placed| placed.item.link }.map(&:id).sort
    assert_equal [ false, true ], %w[low high].map { |id| Usher::Page::Marks.draw(at(id)).include?("<circle") }
  end

  def test_it_goes_to_another_when_its_bearer_goes_and_to_all_when_they_part
    change("link" => LINK)
    back = @page.run({ "verb" => "remove", "ids" => [ "high" ] }).inverse
    assert_equal %w[alone low], signed
    @page.run(back)
    assert_equal %w[alone high], signed
    back = change("groups" => []).inverse
    assert_equal %w[alone high low], signed
    @page.run(back)
    assert_equal %w[alone high], signed
  end

  def test_things_of_a_group_that_open_different_things_each_carry_one
    change("link" => LINK)
    @page.run({ "verb" => "change", "changes" => [ { "id" => "low", "set" => { "link" => { "to" => "page", "page" => 3 } } } ] })
    assert_equal %w[alone high low], signed
  end

  def test_nobody_sets_it_by_hand_and_a_copy_starts_with_one
    assert_invalid { change("signed" => false) }
    change("link" => LINK)
    assert at("low").copied(ids: { "low" => "new" }, by: [ 0, 0 ]) { |name| name }.signed
  end

  private

  def put(*items) = @page.run({ "verb" => "put", "items" => items.map(&:to_h) })
  def change(set) = @page.run({ "verb" => "change", "changes" => %w[low high alone].map { |id| { "id" => id, "set" => set } } })
  def at(id) = @page.find([ id ]).fetch(id).item
  def signed = @page.stack.map(&:item).select { |item| item.link && item.signed }.map(&:id).sort
end
