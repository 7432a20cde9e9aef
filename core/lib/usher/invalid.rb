module Usher
  # Raised for any input the core does not accept. The message is a plain sentence for a teacher;
  # whoever raises it has changed nothing.
  class Invalid < StandardError
  end
end
