module Usher
  module Page
    # The verbs of the log.
    module Operations
      autoload :Change, "usher/page/operations/change"
      autoload :Erase, "usher/page/operations/erase"
      autoload :Move, "usher/page/operations/move"
      autoload :Put, "usher/page/operations/put"
      autoload :Reshape, "usher/page/operations/reshape"
      autoload :Scale, "usher/page/operations/scale"
      autoload :Shift, "usher/page/operations/shift"

      def self.registry
        @registry ||= Registry.new(Operations, File.join(__dir__, "operations"), missing: "kind of change", except: %w[reshape shift])
      end
    end
  end
end
