require "core_test"
require "nokogiri"

# What holds for every kind of item, proved through the registry so that a new kind cannot forget it.
class EveryKindTest < CoreTest
  Usher::Items.registry.names.each do |kind|
    define_method("test_#{kind} survives being stored and read") do
      assert_equal item(kind).to_h, Usher::Items.build(JSON.parse(JSON.generate(item(kind).to_h))).to_h
    end

    define_method("test_#{kind} stores only what is not as usual, whether it comes whole or thin") do
      stored = item(kind).to_h
      assert_empty stored.keys & Usher::Items::Handled::NAMES
      [ item(kind).all, stored ].each { |values| assert_equal stored, Usher::Items.restore(values).to_h }
      changed = item(kind).change("groups" => [ "crew" ])
      assert_equal [ [ "crew" ], stored.merge("groups" => [ "crew" ]), stored ], [ changed.groups, changed.to_h, changed.change("groups" => []).to_h ]
    end

    define_method("test_#{kind} draws well-formed SVG within its group") do
      svg = Usher::Page::Drawing.item(Usher::Page::Placed.new(item(kind), 1), 4)
      node = Nokogiri::XML(svg) { |config| config.strict }.root
      assert_equal [ "g", kind, "4" ], [ node.name, node["data-kind"], node["data-seq"] ]
      refute_empty node["aria-label"]
      refute_empty node.children
      refute_match(/style=/, svg, "the Content-Security-Policy blocks style attributes")
    end

    define_method("test_#{kind} is put, moved, restacked, removed and every step taken back") do
      page = Usher::Page::Memory.new
      operations = [ put(item(kind)),
        { "verb" => "change", "changes" => [ { "id" => "#{kind}-1", "set" => { "x" => 300, "angle" => 30 } } ] },
        { "verb" => "reorder", "ids" => [ "#{kind}-1" ], "to" => "back" },
        { "verb" => "remove", "ids" => [ "#{kind}-1" ] } ]
      states = [ page.stack.map(&:to_h) ]
      inverses = operations.map { |operation| page.run(operation).inverse.tap { states << page.stack.map(&:to_h) } }
      inverses.reverse.each_with_index do |inverse, index|
        page.run(JSON.parse(JSON.generate(inverse)))
        assert_equal states[-2 - index], page.stack.map(&:to_h)
      end
    end

    define_method("test_#{kind} refuses a size, place or angle that is no number") do
      [ Float::NAN, Float::INFINITY, "12", nil, 1e9 ].each do |bad|
        %w[x y width height angle].each { |name| assert_invalid { item(kind).change(name => bad) } }
      end
    end

    define_method("test_#{kind} refuses unknown attributes and a change of kind or id") do
      assert_invalid(/no "wobble"/) { item(kind).change("wobble" => 1) }
      assert_invalid { item(kind).change("kind" => "ink") }
      assert_invalid { item(kind).change("id" => "other") }
      assert_invalid { item(kind).change("x") }
    end

    define_method("test_#{kind} can be copied and dealt from a pile, and says all that it said") do
      was = item(kind)
      own = ->(one) { one.to_h.except("id", "x", "y", "origin", *one.class::FOLLOWS) }
      copy = was.copied(ids: { was.id => "copy" }, by: [ 10, 0 ]) { |group| group }
      assert_equal [ "copy", own[was] ], [ copy.id, own[copy] ]
      page = Usher::Page::Memory.new
      page.run(put(was))
      page.run({ "verb" => "change", "changes" => [ { "id" => was.id, "set" => { "pile" => { "limit" => 2 } } } ] })
      page.run({ "verb" => "deal", "piles" => [ was.id ], "ids" => [ "dealt" ], "by" => [ 500, 0 ] })
      assert_equal [ was.id, own[was] ], page.find([ "dealt" ])["dealt"].item.then { |dealt| [ dealt.origin, own[dealt] ] }
    end

    define_method("test_#{kind} calls nothing of its own as handling is called") do
      taken = Usher::Items.registry.fetch(kind).send(:own_attributes).keys & Usher::Items::Handled::NAMES
      assert_empty taken - [ "hidden" ], "hidden numbers what the kind is made of"
    end

    define_method("test_#{kind} lies in the wings once it is off the page") do
      assert item(kind).on_page?(Usher::Page::SIZE)
      refute item(kind).change("x" => 1700).on_page?(Usher::Page::SIZE)
    end
  end

  def test_unknown_kinds_are_refused_whatever_they_are
    [ "ship", nil, 4, {}, "item", "../item" ].each { |kind| assert_invalid { Usher::Items.build("kind" => kind, "id" => "a") } }
    assert_invalid { Usher::Items.build([ "ink" ]) }
  end
end
