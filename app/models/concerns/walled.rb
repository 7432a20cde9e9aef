# Something that a class has made and that stands on a Wall: it may bear a star, and lie in a pile with others.
module Walled
  extend ActiveSupport::Concern

  PILE = 40 # characters

  included do
    normalizes :pile, with: ->(name) { PlainName.of(name).first(PILE).presence }
  end

  # Puts some together under a name, or each for itself again where it is nil. Raises Usher::Invalid.
  def self.pile_up(chosen, name)
    raise Usher::Invalid, "Tick some of them first." if chosen.empty?
    ApplicationRecord.transaction { chosen.each { |one| one.update!(pile: name) } }
  end

  def star = update!(starred: !starred)
end
