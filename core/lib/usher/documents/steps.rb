module Usher
  module Documents
    # The steps by the form they lead to: steps/to_2.rb defines Steps::To2.
    module Steps
      module_function

      def to(version) = registry.fetch("to_#{version}")

      def registry
        @registry ||= Dir[File.join(__dir__, "steps", "*.rb")].to_h do |file|
          require file
          name = File.basename(file, ".rb")
          [ name, Steps.const_get(name.delete("_").capitalize).new ]
        end.freeze
      end
    end
  end
end
