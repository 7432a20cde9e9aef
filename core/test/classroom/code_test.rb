require "core_test"

class CodeTest < CoreTest
  Code = Usher::Classroom::Code

  def test_codes_have_no_look_alikes
    codes = Array.new(500) { Code.draw }
    codes.each { |code| assert_match(/\A[A-Z]{3}\d{3}\z/, code) }
    assert_empty codes.join.chars & %w[I L O Q S Z B G E A U 0 1 2 5]
    assert_operator codes.uniq.size, :>, 490
  end

  def test_typing_is_forgiven
    assert_equal "RTX483", Code.read(" rtx-483 ")
    assert_equal "RTX 483", Code.show("RTX483")
  end

  def test_what_cannot_be_a_code_is_none
    [ "", nil, "RTX48", "RTX4833", "0TX483", "RTX482O", "x" * 1000, "ÄÄÄ333" ].each { |typed| assert_nil Code.read(typed) }
  end
end
