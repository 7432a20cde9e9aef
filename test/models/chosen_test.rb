require "test_helper"

class ChosenTest < ActiveSupport::TestCase
  test "sections of its own come with a kind, and only when all are of it" do
    note, cover = build("note", text: "Low tide"), build("cover")
    assert_includes Chosen.new([ cover ]).sections, "cover"
    assert_not_includes Chosen.new([ cover, note ]).sections, "cover"
    assert_not_includes Chosen.new([ cover, note ]).sections, "handed"
    assert_includes Chosen.new([ note ]).sections, "handed"
  end

  test "every section has its partial" do
    kinds = [ build("note", text: ""), build("cover"), build("area") ]
    kinds.flat_map { |item| Chosen.new([ item ]).sections }.push("picture").uniq.each do |section|
      assert Rails.root.join("app/views/board/chosen/_#{section}.html.erb").exist?, section
    end
  end

  test "what all have in common" do
    notes = [ build("note", text: "a", size: 30), build("note", text: "b", size: 40) ]
    chosen = Chosen.new(notes)
    assert_nil chosen.same(:size)
    assert_equal "no", chosen.same(:pinned)
    assert_equal "2 things", chosen.words
    assert_nil chosen.one
    assert_equal [ 10, 20, 200, 100 ], chosen.frame.then { |box| [ box.x, box.y, box.width, box.height ] }
  end

  private

  def build(kind, **attributes)
    @count = @count.to_i + 1
    Usher::Items.build({ "kind" => kind, "id" => "thing-#{@count}", "x" => 10, "y" => 20, "width" => 200, "height" => 100 }.merge(attributes.transform_keys(&:to_s)))
  end
end
