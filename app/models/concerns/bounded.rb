# How many of a kind one owner may have, so that nobody fills the house: at_most 400, per: :sitting, words: "..."
module Bounded
  extend ActiveSupport::Concern

  class_methods do
    # per: the columns that say whose it is; what is nobody's is not counted. Raises Usher::Invalid, with the words, where
    # there are that many already.
    def at_most(number, per:, words:)
      before_create do
        whose = slice(*per)
        raise Usher::Invalid, words if whose.values.all? && self.class.where(whose).limit(number).count >= number
      end
    end
  end
end
