require "core_test"

class TypesTest < CoreTest
  Types = Usher::Types

  def test_an_address_must_be_one_that_is_safe_to_open
    [ "https://gullpoint.example/tides?day=3#noon", "http://x.example", "mailto:keeper@gullpoint.example", "https://gullpoint.example/höhe" ].each { |good| assert_equal good, Types::Address.new.call(good) }
    [ "javascript:alert(1)", "JAVASCRIPT:alert(1)", " https://x.example", "https://", "data:text/html,x", "file:///etc/passwd", "/pages/3", "https://x.example/\nhttps://y", "https://x.example/\"onclick=", "https://#{'x' * 2_000}", "", nil, 3, [] ].each do |bad|
      assert_invalid { Types::Address.new.call(bad) }
    end
  end

  def test_a_record_has_its_names_and_no_others
    type = Types::Record.new(size: Types::Number.new(1..9), on: Types::Flag.new, optional: %w[on])
    assert_equal({ "size" => 3 }, type.call("size" => 3))
    assert_equal({ "size" => 3, "on" => true }, type.call("on" => true, "size" => 3))
    [ { "on" => true }, { "size" => 3, "more" => 1 }, { "size" => 30 }, { size: 3 }, [], nil, "size" ].each { |bad| assert_invalid { type.call(bad) } }
  end

  def test_points_keep_pressure_and_time_and_refuse_what_no_pen_does
    assert_equal [ [ 1.23, 2.0, 0.333, 0 ], [ 3.0, 4.0, nil, 12 ] ], Types::Points.new.call([ [ 1.234, 2, 0.3333 ], [ 3, 4, nil, 12.2 ] ])
    assert_equal [ 0, 0, 5, 5 ], Types::Points.new.call([ [ 0, 0 ], [ 0, 0 ], [ 0, 0, nil, 5 ], [ 0, 0 ] ]).map(&:last)
    [ [ [] ], [ [ 1 ] ], [ [ 1, 2, 3, 4, 5 ] ], [ [ "1", 2 ] ], [ [ 1, Float::INFINITY ] ], [ [ 1, 2, -0.1 ] ], [ [ 1, 2, 1.1 ] ], [ [ 1, 2, nil, -1 ] ], [ [ 1, 2, nil, 9e9 ] ], { "0" => [ 1, 2 ] } ].each { |bad| assert_invalid { Types::Points.new.call(bad) } }
  end
end
