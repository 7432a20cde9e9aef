module Usher
  module Documents
    module Steps
      # What an activity shows is a face: the names of groups and their tiles were text.
      class To4 < Step
        def activity(content)
          return content unless content["groups"]
          content.merge("groups" => content["groups"].map { |group| { "name" => face(group["name"]), "tiles" => group["tiles"].map { |tile| face(tile) } } })
        end

        private

        def face(text) = text.is_a?(String) ? { "text" => text } : text
      end
    end
  end
end
