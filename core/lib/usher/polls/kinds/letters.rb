module Usher
  module Polls
    module Kinds
      # A letter for each thing on the page that could be meant, from A on. Settings: "count", 2 to 6.
      class Letters < Fixed
        COUNT = (2..6)
        ALL = %w[A B C D E F].freeze

        def self.rank = 1
        def self.read(given) = { "count" => whole(given, "count", COUNT, 4, "A poll has #{COUNT.begin} to #{COUNT.end} letters.") }

        def choices = ALL.first(settings["count"])
      end
    end
  end
end
