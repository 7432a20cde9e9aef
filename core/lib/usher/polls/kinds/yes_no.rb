module Usher
  module Polls
    module Kinds
      class YesNo < Fixed
        def self.title = "Yes or no"
        def self.rank = 2
        def self.at_once? = true

        def choices = %w[Yes No]
      end
    end
  end
end
