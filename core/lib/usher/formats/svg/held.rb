require "uri"

module Usher
  module Formats
    module Svg
      # A picture that a drawing holds itself, in an address (RFC 2397). What it is called counts for nothing: its bytes say
      # what it is.
      module Held
        ADDRESS = %r{\A\s*data:([\w/+.-]*)(?:;charset=[\w-]+)?(;base64)?,(.*)\z}mi
        MAX_DOTS = 30_000_000

        module_function

        # The same address written anew. The block makes a drawing's bytes harmless. Raises Invalid where it leads elsewhere,
        # is no picture, or has more dots than is good for anybody.
        def address(value)
          type, packed, data = value.match(ADDRESS)&.captures
          raise Invalid, "That picture lies elsewhere." unless data
          bytes = packed ? data.unpack1("m") : URI.decode_www_form_component(data.gsub("+", "%2B"))
          return "data:image/svg+xml;base64,#{[ yield(bytes) ].pack('m0')}" if type.downcase == "image/svg+xml"
          size = Raster.size(bytes[0, 200_000].to_s.b)
          raise Invalid, "That is no picture." unless size && size.inject(:*) <= MAX_DOTS
          "data:image/#{bytes.b.start_with?("\xFF\xD8".b) ? 'jpeg' : 'png'};base64,#{[ bytes ].pack('m0')}"
        rescue ArgumentError
          raise Invalid, "That address is broken."
        end
      end
    end
  end
end
