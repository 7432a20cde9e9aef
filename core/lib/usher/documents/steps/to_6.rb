module Usher
  module Documents
    module Steps
      # A piece of a stroke keeps the numbers of the whole (Items::Ink, `corner`). What was kept before has no such
      # pieces and stays as it is; a release that does not know them would draw them elsewhere.
      class To6 < Step
      end
    end
  end
end
