module Usher
  module Page
    # Page layouts to start from: items ready to be filled in. A new one is a new file in layouts/.
    module Layouts
      ORDER = %w[title checklist table two_sides three_questions steps picture_and_text].freeze

      def self.registry
        @registry ||= Registry.new(Layouts, File.join(__dir__, "layouts"), missing: "page layout", except: %w[layout])
      end

      # Names in the order to offer them in; those that ORDER forgot come last.
      def self.names = registry.names.sort_by { |name| [ ORDER.index(name) || ORDER.size, name ] }

      autoload :Layout, "usher/page/layouts/layout"
    end
  end
end
