require "core_test"

class AudienceTest < CoreTest
  SIZE = [ 1600, 900 ].freeze

  def test_who_sees_what
    {
      item("note") => %i[board room devices],
      item("note", audience: "room") => %i[board room],
      item("note", audience: "devices") => %i[board devices],
      item("line", audience: "nobody") => %i[board],
      item("note", covered: true) => %i[board room],
      item("note", x: 5_000) => %i[board],
      item("note", x: 5_000, audience: "devices") => %i[board],
      item("note", x: 5_000, audience: "room") => %i[board]
    }.each do |item, seen|
      assert_equal seen, audiences.select { |_, audience| audience.sees?(item, SIZE) }.keys, item.all.slice("audience", "covered", "x").to_s
      bits = Usher::Page::Audience.bits(item, SIZE)
      assert_equal seen, audiences.select { |_, audience| audience.among?(bits) }.keys, "as it is stored"
    end
  end

  def test_only_what_covers_hide_is_left_out_for_devices
    assert_equal [ false, false, true ], audiences.values.map(&:veiled?)
    assert_equal %w[board room devices], audiences.values.map(&:name)
    assert_equal [ 1, 2 ], Usher::Page::Audience::TOLD.map(&:bit), "these numbers are stored"
  end

  private

  def audiences = { board: Usher::Page::Audience::BOARD, room: Usher::Page::Audience::ROOM, devices: Usher::Page::Audience::DEVICES }
end
