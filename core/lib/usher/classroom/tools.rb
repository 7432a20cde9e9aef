module Usher
  module Classroom
    # What a teacher puts over the page to run the room: a file each in tools/.
    module Tools
      %w[Countdown Dice Draw Lanes Scores Spinner Stopwatch Teams].each { |tool| autoload tool, "usher/classroom/tools/#{tool.downcase}" }

      def self.registry
        @registry ||= Registry.new(Tools, File.join(__dir__, "tools"), missing: "class tool")
      end
    end
  end
end
