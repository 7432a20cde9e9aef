module Usher
  # A change that would have overwritten what somebody else has written meanwhile. Nothing has changed; whoever
  # made it is shown both.
  class Clash < Invalid
  end
end
