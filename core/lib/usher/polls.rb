module Usher
  # Questions to the whole class, and the counting of what came back.
  module Polls
    autoload :Tally, "usher/polls/tally"
    autoload :Letters, "usher/polls/letters"
  end
end
