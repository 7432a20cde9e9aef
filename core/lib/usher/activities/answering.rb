module Usher
  module Activities
    # How participants answer. Each says what a move must be and what it does to the answers (a hash that can be
    # stored as JSON, empty at the start), and answers:
    #   accept(answers, move, fixed)  the answers after a move (a hash from outside); fixed: names of cells that
    #                                 must stay. Raises Invalid for a move that is not possible.
    #   moves_to(answers)             moves after which these are the answers.
    module Answering
      autoload :Choosing, "usher/activities/answering/choosing"
      autoload :Lining, "usher/activities/answering/lining"
      autoload :Placing, "usher/activities/answering/placing"
      autoload :Turning, "usher/activities/answering/turning"
      autoload :Typing, "usher/activities/answering/typing"
    end
  end
end
