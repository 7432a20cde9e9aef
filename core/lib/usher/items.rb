module Usher
  # The kinds of things that lie on a page. A new kind is a new file in items/, nothing else:
  #
  #   class Items::Ring < Items::Item
  #     attribute :colour, Types::Colour.new, default: Colour::INK
  #     def draw = Markup.tag("circle", ...)
  #   end
  module Items
    # Each file under its own name, so that a kind may be named before the registry was asked.
    Dir[File.join(__dir__, "items", "*.rb")].each { |file| autoload File.basename(file, ".rb").split("_").map(&:capitalize).join, file }

    module_function

    def registry
      @registry ||= Registry.new(Items, File.join(__dir__, "items"), missing: "kind of item", except: %w[card clipped curtained dash faced handled heads item lettered measure playable redacted redacted_text segment shape written])
    end

    # An item from a hash of attributes with string keys, as stored or as a browser sent it.
    # Raises Invalid when the kind or any attribute is not acceptable.
    def build(attributes)
      raise Invalid, "An item must come as a set of named values." unless attributes.is_a?(Hash)
      registry.fetch(attributes["kind"]).build(attributes)
    end

    # The same for an item as the app stored it, which was checked when it came.
    def restore(attributes) = registry.fetch(attributes["kind"]).restore(attributes)

    # Copies of items that lie together, as attributes, moved by [dx, dy] page units. The block gives a new name for each id and
    # each group.
    def copies(items, by: [ 0, 0 ], &name)
      ids = items.to_h { |item| [ item.id, name.call ] }
      groups = Hash.new { |known, old| known[old] = name.call }
      items.map { |item| item.copied(ids: ids, by: by) { |group| groups[group] }.to_h }
    end
  end
end
