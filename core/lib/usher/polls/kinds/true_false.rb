module Usher
  module Polls
    module Kinds
      class TrueFalse < Fixed
        def self.title = "True or false"
        def self.rank = 3
        def self.at_once? = true

        def choices = %w[True False]
      end
    end
  end
end
