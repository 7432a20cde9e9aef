module Usher
  # Raised for any input the core does not accept. The message is a plain sentence for a teacher;
  # whoever raises it has changed nothing.
  class Invalid < StandardError
    # Types say only what a value must be; this puts what it was about before it:
    # Invalid.about("The distance") { number.call(value) }  # "The distance must be a number ..."
    def self.about(what)
      yield
    rescue Invalid => error
      raise Invalid, "#{what} #{error.message}."
    end
  end
end
