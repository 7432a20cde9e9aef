module Usher
  module Classroom
    # A list of names as a teacher types or pastes it: one a line, or with commas or semicolons between them.
    module Names
      MOST = 400
      LONGEST = 60 # characters of one

      module_function

      # Answers with the names; empty lines do not count. Raises Invalid.
      def read(typed)
        text = Types::Line.new(MOST * (LONGEST + 2)).call(typed.is_a?(Array) ? typed.join("\n") : typed)
        names = text.split(/[\n,;]+/).map { |name| name.gsub(/[[:space:]]+/, " ").strip }.reject(&:empty?)
        raise Invalid, "That are #{names.size} names; #{MOST} at most." if names.size > MOST
        long = names.find { |name| name.length > LONGEST } and raise Invalid, "“#{long[0, 30]}…” is too long for a name (#{LONGEST} characters at most)."
        names
      rescue Invalid => error
        raise error.message.start_with?("is ", "must ") ? Invalid.new("The list #{error.message}.") : error
      end
    end
  end
end
