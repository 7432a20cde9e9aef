module Usher
  module Page
    module Papers
      # Nothing on it.
      class Plain < Paper
      end
    end
  end
end
