module Usher
  module Items
    # Anything lying on a page. Immutable: `change` answers with a new item.
    # Every kind has an id, a box (x, y, width, height in page units) and an angle (degrees clockwise
    # about the box's centre); each draws itself with the box's top left corner as the origin.
    class Item
      REACH = 100_000
      Attribute = Struct.new(:name, :type, :default, :spare)

      class << self
        # Declares an attribute. Without a default it must be given. spare: whether it is stored only where it is not
        # as usual, as one that came after others had been stored without it.
        def attribute(name, type, default: :none, spare: false)
          key = name.to_s.freeze
          own_attributes[key] = Attribute.new(key, type, default, spare)
          const_set("USUAL_#{name.upcase}", default) if spare
          read = spare ? %(@values.fetch("#{name}", #{self}::USUAL_#{name.upcase})) : %(@values["#{name}"])
          class_eval "# frozen_string_literal: true\ndef #{name} = #{read}", __FILE__, __LINE__ # a block would not be compiled
        end

        # All of them by name, the inherited ones first; a kind may declare one anew.
        def attributes
          @attributes ||= (superclass.respond_to?(:attributes) ? superclass.attributes : {}).merge(own_attributes).freeze
        end

        # Whether a corner handle resizes it evenly; whether it is pulled by its knots instead of handles; how large it
        # is when it is laid on a page, in page units.
        def even? = false
        def by_knots? = false
        def laid = { width: 480, height: 480 }

        # Whether a tap on it may open something, and whether it may be handed out: piled, covered, counted.
        def linked? = true
        def handed? = true

        # "set_square" for Items::SetSquare.
        def kind = @kind ||= name.split("::").last.gsub(/(?<=[a-z])(?=[A-Z])/, "_").downcase

        # Checks everything; raises Invalid naming what is wrong. Unknown names are refused, so that
        # nothing is kept that nobody checked.
        def build(given)
          unknown = given.keys - attributes.keys - [ "kind" ]
          raise Invalid, "A #{kind} has no #{unknown.first.to_s[0, 40].inspect}." if unknown.any?
          new(attributes.transform_values { |attribute| check(attribute, given) })
        end

        # As stored: checked when it came, so not again.
        def restore(values) = new(thinned(defaults.merge(values)), settled: true)

        # Values without those that are spare and as usual.
        def thinned(values) = values.reject { |name, value| left_out.key?(name) && left_out[name] == value }

        # What of PAINTS it has, in one line; nil for nothing.
        def paints = @paints ||= (PAINTS & attributes.keys).join(" ").then { |names| names unless names.empty? }

        # What is not stored where it is so.
        def left_out = @left_out ||= defaults.slice(*attributes.values.select(&:spare).map(&:name)).freeze

        private

        def defaults = @defaults ||= attributes.transform_values(&:default).reject { |_, default| default == :none }.freeze

        def own_attributes = @own_attributes ||= {}

        def check(attribute, given)
          Invalid.about("The #{attribute.name.tr('_', ' ')} of this #{kind}") do
            next attribute.type.call(given[attribute.name]) if given.key?(attribute.name)
            raise Invalid, "is missing" if attribute.default == :none
            attribute.default
          end
        end
      end

      attribute :id, Types::Id.new
      attribute :x, Types::Number.new(-REACH..REACH)
      attribute :y, Types::Number.new(-REACH..REACH)
      attribute :width, Types::Number.new(0..20_000)
      attribute :height, Types::Number.new(0..20_000)
      attribute :angle, Types::Number.new(-360..360), default: 0

      include Handled

      # What follows from other things on the page and is never set by hand, by attribute (see Ties).
      FOLLOWS = Handled::KEPT

      # What a class may change about it even when it is pinned, by attribute.
      LIVE = %w[audience].freeze

      # What a teacher may change about how it looks, by attribute.
      PAINTS = %w[stroke colour stroke_width dash heads fill card ground opacity tips].freeze

      # settled: that they need no look any more, and are thinned.
      def initialize(values, settled: false)
        values = self.class.thinned(settle(values)) unless settled
        values["kind"] ||= self.class.kind
        @values = values.freeze
      end

      # A new item with these attributes (string keys) changed; raises Invalid.
      def change(set)
        raise Invalid, "A change must come as a set of named values." unless set.is_a?(Hash)
        raise Invalid, "The id and the kind of an item stay as they are." if set.key?("id") || set.key?("kind")
        raise Invalid, "That follows from other things on the page." if (set.keys & self.class::FOLLOWS).any?
        remade(set)
      end

      # The same without those limits: for copies, and for what follows from other things.
      def remade(set) = self.class.build(to_h.merge(set))

      # All attributes with string keys, the kind among them: what is stored. How it is handled, and what is spare, is
      # left out where that is as usual.
      def to_h = @values

      # The same, with everything.
      def all = self.class.left_out.merge(to_h)

      def box = @box ||= Geometry::Box.new(x, y, width, height, angle).freeze

      # Whether any of it can be seen on a page of this [width, height]; if not it lies in the wings.
      def on_page?(size)
        around = box.bounds
        around.x <= size[0] && around.y <= size[1] && around.x + around.width >= 0 && around.y + around.height >= 0
      end

      # What of it these covers hide, and the same as devices get it (see Redacted).
      def hidden_by(_covers) = []
      def redacted = self

      # The attributes that change when it is scaled along its own axes by these factors.
      def scaled(across, down) = { "width" => width * across, "height" => height * down }

      # SVG for the item's own coordinates: (0, 0) to (width, height).
      def draw
        raise NotImplementedError, "#{self.class} does not draw itself"
      end

      # The attributes that change when the fill tool taps it; raises Invalid where there is nothing to fill.
      def filled(_colour) = raise(Invalid, "There is nothing here to colour.")

      # The points by which its form is changed, in page units: [[x, y], ...].
      def knots = []

      # The attributes that change when knot `index` goes to `point` (page units).
      def bent(_index, _point) = raise(Invalid, "That has no handle to pull.")

      # Its outline as a Geometry::Polyline, for tracks and areas: the path itself for lines, the edge for all
      # else. inset: page units that the edge is offset inwards, to the sides and up and down.
      def outline(inset: [ 0, 0 ])
        across, down = inset.zip([ width, height ]).map { |by, side| by.clamp(0, side / 2.0) }
        Geometry::Polyline.new([ [ across, down ], [ width - across, down ], [ width - across, height - down ], [ across, height - down ] ].map { |point| box.to_page(*point) }, closed: true)
      end

      # The attributes that change when it is flipped "across" (left and right change places) or "down",
      # besides its place and angle. What reads or looks the same either way changes nothing.
      def flipped(_axis) = {}

      # The straight edges along which ink can be drawn, in page units; see Ink::StraightEdge.
      def edges = []

      # What a screen reader says.
      def label = self.class.kind.tr("_", " ").capitalize

      # What the browser needs to offer its editors: { name => value }, drawn as data attributes.
      def hints
        { "paints" => self.class.paints, "knots" => places(knots), "edges" => places(edges.flatten(1)), **handling }.compact
      end

      # The store room keys of the media it shows.
      def picture = nil

      # The keys of the activity and of the file that it opens.
      def activity = link && link["activity"]
      def asset = link && link["asset"]

      # What a search finds it by.
      def words = ""

      # What is said when it is read aloud.
      def aloud = words.empty? ? label : words

      private

      def places(list)
        list.map { |point| point.map { |n| Markup.number(n) }.join(",") }.join(" ") if list.any?
      end

      # A point given in shares of the box, in page units, the rotation of the box included.
      def on_page((across, down)) = box.to_page(across * width, down * height)

      # Lets a kind adjust its values once they are checked, such as a height that follows the text.
      def settle(values) = values.tap { check_handling(values) }
    end
  end
end
