module Usher
  module Activities
    # The kinds of activity, one file each.
    module Kinds
    end
  end
end
