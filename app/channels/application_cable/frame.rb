module ApplicationCable
  # A text as it goes over the wire: one whole frame of RFC 6455 (5.2), unmasked, as a server sends it. Everybody who
  # gets the same text gets the same bytes, so they are made once: the last one of each thread is kept, because a
  # message goes to all its followers one after the other.
  module Frame
    TEXT = 0x81 # the only frame of a text
    SHORT, MIDDLE = 125, 65_535 # bytes whose number fits into 7 bits, into 16

    module_function

    def of(text)
      last, bytes = Thread.current[:cable_frame]
      return bytes if last.equal?(text)
      encode(text).tap { |made| Thread.current[:cable_frame] = [ text, made ] }
    end

    # Action Cable's heartbeat. at: seconds.
    def beat(at)
      last, text = @beat
      return text if last == at
      JSON.generate(type: ActionCable::INTERNAL[:message_types][:ping], message: at).tap { |made| @beat = [ at, made ] }
    end

    def encode(text)
      size = text.bytesize
      head = if size <= SHORT then [ TEXT, size ].pack("CC")
      elsif size <= MIDDLE then [ TEXT, 126, size ].pack("CCn")
      else [ TEXT, 127, size ].pack("CCQ>")
      end
      (head << text.b).freeze
    end
  end
end
