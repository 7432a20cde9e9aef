module Usher
  module Page
    # What an item opens: a web address, a page, an activity, or a file, sound or video of the teacher's.
    # A type for attributes: { "to" => "page", "page" => 12 }.
    module Link
      NUMBER = Types::Number.new(1..2**53, digits: 0)
      KINDS = {
        "address" => { "address" => Types::Address.new },
        "page" => { "page" => NUMBER },
        "activity" => { "activity" => NUMBER },
        "file" => { "asset" => NUMBER, "name" => Types::Line.new(120) },
        "sound" => { "asset" => NUMBER, "name" => Types::Line.new(120) },
        "video" => { "asset" => NUMBER, "name" => Types::Line.new(120) },
        "speech" => { "language" => Speech::LANGUAGE, "speed" => Speech::SPEED } # what it says, read aloud
      }.freeze

      module_function

      # The checked link; raises Invalid.
      def call(value)
        raise Invalid, "must say what it opens" unless value.is_a?(Hash)
        types = KINDS[value["to"]] or raise Invalid, "must open a web address, a page, an activity, a file, a sound or a video, or be read aloud"
        raise Invalid, "has something that is not part of a link" if (value.keys - types.keys - [ "to" ]).any?
        { "to" => value["to"], **types.to_h { |name, type| [ name, type.call(name == "address" ? complete(value[name]) : value[name]) ] } }
      end

      # The same link in another lesson, or nil when what it opens is not there. pages, activities: { old => new }.
      def elsewhere(link, pages:, activities:)
        numbers = { "page" => pages, "activity" => activities }[link["to"]] or return link
        numbers[link[link["to"]]]&.then { |number| link.merge(link["to"] => number) }
      end

      # gullpoint.example is meant as https://gullpoint.example.
      def complete(address)
        text = address.is_a?(String) ? address.strip : address
        text.is_a?(String) && text.match?(/\A[\w-]+(\.[\w-]+)+(:\d+)?([\/?#]|\z)/) ? "https://#{text}" : text
      end
    end
  end
end
