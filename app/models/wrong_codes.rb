# Slows down whoever guesses codes. After this many wrong ones within a minute none is taken for the rest of it: from one
# network address, or, while very many come from everywhere, from one that sends more than a few. High enough for a
# school behind one address, low enough that finding one of 730,000 codes takes weeks, from however many places.
module WrongCodes
  LIMIT = 40
  OVERALL = 300 # wrong ones in a minute from everywhere
  FEW = 5
  SPAN = 1.minute

  module_function

  def count(place) = [ key(place), "wrong-codes" ].each { |name| Live::Counts.store.increment(name, 1, expires_in: SPAN) }

  def too_many?(place)
    here = read(key(place))
    here >= LIMIT || (here >= FEW && read("wrong-codes") >= OVERALL)
  end

  def read(name) = Live::Counts.store.read(name, raw: true).to_i
  def key(place) = "wrong-codes:#{place}"
end
