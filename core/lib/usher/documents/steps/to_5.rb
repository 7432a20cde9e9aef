module Usher
  module Documents
    module Steps
      # The text of a face may have looks (Text::Inline): what only looks like such a sign stays a letter.
      class To5 < Step
        def activity(content)
          return content.map { |one| activity(one) } if content.is_a?(Array)
          return content unless content.is_a?(Hash)
          content.to_h { |name, value| [ name, name == "text" && value.is_a?(String) ? Text::Inline.literal(value) : activity(value) ] }
        end
      end
    end
  end
end
