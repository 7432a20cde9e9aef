require "core_test"
require_relative "samples"

class LabelTest < CoreTest
  include Samples

  DRAGGED, TYPED = Samples::CONTENT["label"]

  def label(**changes) = build("label", DRAGGED.merge(changes.transform_keys(&:to_s)))
  def labels(*given) = given.map { |face, at| { "face" => face, "at" => at } }

  def test_two_of_the_same_name_may_change_places
    kind = label
    deal = kind.deal(2)
    bows = deal.names.select { |name| kind.faces(deal, {})[name].text == "bow" }
    bows.permutation.each { |one, other| assert_equal [ 1, 1 ], kind.mark(deal, { one => "f1", other => "f4" }).values_at("f1", "f4") }
  end

  def test_what_is_typed_may_be_one_of_several_and_have_a_slip
    kind = build("label", TYPED)
    deal = kind.deal(1)
    { "bow" => true, "Front" => true, "stern" => false, "frnot" => true }.each { |text, right| assert_equal right, kind.right?(deal, { "f1" => text }, "f1"), text }
  end

  def test_nothing_of_a_typed_label_is_seen
    kind = build("label", TYPED)
    deal = kind.deal(1)
    assert_empty kind.glimpse
    refute_match(/bow|stern|front/, [ kind.view(deal, {}), kind.faces(deal, {}).transform_values(&:to_h) ].to_json)
  end

  def test_what_does_not_go_is_said
    { "has no place" => labels([ "bow", nil ]), "lies outside the picture" => labels([ "bow", [ 1.2, 0.4 ] ]), "must be two numbers" => labels([ "bow", [ 0.1 ] ]), "Label 1 is empty" => labels([ "", [ 0.1, 0.1 ] ]),
      "“bow” and “stern” lie at the same place" => labels([ "bow", [ 0.5, 0.5 ] ], [ "stern", [ 0.51, 0.5 ] ]), "Tap the picture" => [], "needs a name and a place" => [ 3 ] }.each do |sentence, given|
      assert_invalid(/#{sentence}/) { label(labels: given) }
    end
    assert_invalid(/Choose a picture first/) { label(picture: nil) }
    assert_invalid(/Choose a picture first/) { label(picture: { "text" => "a boat" }) }
    assert_invalid(/“bow” has a place/) { label(more: [ "bow" ]) }
    assert_invalid(/must be a word/) { build("label", DRAGGED.merge("how" => "typed")) }
  end
end
