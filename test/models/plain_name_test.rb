require "test_helper"

class PlainNameTest < ActiveSupport::TestCase
  include World

  test "what hides letters or turns them round is no part of a name" do
    { "Wren\u200b" => "Wren", "\u202egnp.exe" => "gnp.exe", " Wren \n Ivo\t" => "Wren Ivo", "a\u0000b" => "ab", "\ufeffTide\u00ad" => "Tide", "\xFFab" => "ab", nil => "", 7 => "7", "Zoë 🐟" => "Zoë 🐟", "ترس" => "ترس" }.each do |given, plain|
      assert_equal plain, PlainName.of(given), given.inspect
    end
  end

  test "two seats that look the same have two names" do
    sitting = sit(lesson(teacher("owner")))
    sitting.seat_for(PlainName.of("Wren"))
    assert_equal "Wren 2", sitting.seat_for(PlainName.of("Wr\u200ben")).name
    assert_raises(ActiveRecord::RecordInvalid) { sitting.seat_for(PlainName.of("\u200b\u202e")) }
  end
end
