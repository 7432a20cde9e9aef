module Usher
  # The kinds of things that lie on a page. A new kind is a new file in items/, nothing else:
  #
  #   class Items::Ring < Items::Item
  #     attribute :colour, Types::Colour.new, default: Colour::INK
  #     def draw = Markup.tag("circle", ...)
  #   end
  module Items
    autoload :Item, "usher/items/item"

    module_function

    def registry
      @registry ||= Registry.new(Items, File.join(__dir__, "items"), missing: "kind of item", except: %w[card dash item measure segment shape written])
    end

    # An item from a hash of attributes with string keys, as stored or as a browser sent it.
    # Raises Invalid when the kind or any attribute is not acceptable.
    def build(attributes)
      raise Invalid, "An item must come as a set of named values." unless attributes.is_a?(Hash)
      registry.fetch(attributes["kind"]).build(attributes)
    end

    # The same for an item as the app stored it, which was checked when it came.
    def restore(attributes) = registry.fetch(attributes["kind"]).restore(attributes)

    autoload :Card, "usher/items/card"
    autoload :Dash, "usher/items/dash"
    autoload :Measure, "usher/items/measure"
    autoload :Shape, "usher/items/shape"
    autoload :Polygon, "usher/items/polygon"
    autoload :Segment, "usher/items/segment"
    autoload :Written, "usher/items/written"
  end
end
