require "core_test"

class PreferencesTest < CoreTest
  def check(**set) = Usher::Preferences.check(set.transform_keys(&:to_s))

  def test_what_is_usual_is_acceptable_and_complete
    assert_equal Usher::Preferences::TYPES.keys, Usher::Preferences::DEFAULTS.keys
    assert_equal Usher::Preferences::DEFAULTS, Usher::Preferences.check(Usher::Preferences::DEFAULTS)
  end

  def test_tips_and_palms_have_limits
    assert_equal 30, check(side_button: { "tool" => "pen", "colour" => "#1D7758", "stroke_width" => 30 })["side_button"]["stroke_width"]
    [ { side_button: { "tool" => "laser", "colour" => "#1d7758", "stroke_width" => 3 } }, { second_tip: { "tool" => "pen" } }, { palm: { "on" => "yes", "size" => 60 } }, { palm: { "on" => true, "size" => 2_000 } },
      { colours: [ "#1d7758" ] * 19 }, { stroke_widths: [ 0 ] }, { stroke_widths: [ 500 ] }, { symbols: [ "" ] }, { symbols: [ "far too long" ] }, { hands: 1 }, { lively: nil }, { speed: 3 } ].each { |bad| assert_invalid { check(**bad) } }
    [ {}, nil, [], "hands" ].each { |bad| assert_invalid { Usher::Preferences.check(bad) } }
  end

  def test_a_refusal_names_the_setting
    assert_invalid(/setting second tip has no colour/) { check(second_tip: { "tool" => "pen" }) }
  end
end
