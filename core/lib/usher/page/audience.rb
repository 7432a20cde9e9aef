module Usher
  module Page
    # Who a page is shown to, and what of it: a bit for each, so that a stored item says by one number
    # which of them get it.
    class Audience
      attr_reader :name, :bit

      # veiled: whether they get a drawing without what covers hide. The block says whether an item on a page of
      # this [width, height] is for them.
      def initialize(name, bit, veiled: false, &sees)
        @name, @bit, @veiled, @sees = name, bit, veiled, sees
      end

      def sees?(item, size) = @sees.call(item, size)
      def veiled? = @veiled

      # Whether they see what lies beside the page.
      def wings? = bit.zero?

      # What items may say whom they are for.
      IN_ROOM, ON_DEVICES = %w[both room].freeze, %w[both devices].freeze

      # Whoever prepares or teaches: everything, the wings too.
      BOARD = new("board", 0) { true }
      # The room: what lies on the page, but not what is for the devices alone.
      ROOM = new("room", 1) { |item, size| IN_ROOM.include?(item.audience) && item.on_page?(size) }
      # Devices and readers: nothing from the wings, nothing for the room alone, nothing that is covered.
      DEVICES = new("devices", 2, veiled: true) { |item, size| ON_DEVICES.include?(item.audience) && !item.covered && item.on_page?(size) }

      # Those that are told apart by a stored item.
      TOLD = [ ROOM, DEVICES ].freeze

      # The number an item is stored with.
      def self.bits(item, size) = TOLD.sum { |audience| audience.sees?(item, size) ? audience.bit : 0 }

      # Whether an item stored with this number is for them.
      def among?(bits) = bit.zero? || bits.anybits?(bit)
    end
  end
end
