module Usher
  module Page
    # The papers. A new one is a new file in papers/.
    module Papers
      ORDER = %w[plain ruled handwriting squared dotted isometric staves axes number_line picture].freeze

      def self.registry
        @registry ||= Registry.new(Papers, File.join(__dir__, "papers"), missing: "kind of paper")
      end

      # Names in the order to offer them in; those that ORDER forgot come last.
      def self.names = registry.names.sort_by { |name| [ ORDER.index(name) || ORDER.size, name ] }
    end
  end
end
