module Usher
  module Page
    # The verbs of the log.
    module Operations
      autoload :Change, "usher/page/operations/change"
      autoload :Erase, "usher/page/operations/erase"
      autoload :Put, "usher/page/operations/put"
      autoload :Reshape, "usher/page/operations/reshape"
      autoload :Scale, "usher/page/operations/scale"

      def self.registry
        @registry ||= Registry.new(Operations, File.join(__dir__, "operations"), missing: "kind of change", except: %w[reshape])
      end
    end
  end
end
