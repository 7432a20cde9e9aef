# Slows down whoever guesses codes: after this many wrong ones within a minute from one network
# address, none is taken for the rest of it. High enough for a class behind one address, low enough
# that finding one of 730,000 codes takes weeks.
module WrongCodes
  LIMIT = 40
  SPAN = 1.minute

  module_function

  def count(place) = Live::Counts.store.increment(key(place), 1, expires_in: SPAN)
  def too_many?(place) = Live::Counts.store.read(key(place), raw: true).to_i >= LIMIT
  def key(place) = "wrong-codes:#{place}"
end
