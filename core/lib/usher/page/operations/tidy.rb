require "digest"

module Usher
  module Page
    module Operations
      # Makes exact shapes of hand-drawn ink: { "ids" => strokes, "quiet" => whether it is fine to find
      # none, as when every stroke is tried as it is drawn }. Strokes of one drawing become one item.
      class Tidy < Operation
        MOST_POINTS = 20_000

        def apply(page, lenient:)
          inks = present(page, @ids, lenient || @quiet, touching: :all).select { |placed| placed.item.is_a?(Items::Ink) }
          raise Invalid, "That is more than Usher can tidy at once. Choose less of it." if inks.sum { |placed| placed.item.points.size } > MOST_POINTS
          found = Usher::Tidy.drawings(inks.map { |placed| placed.item.box.bounds }).filter_map { |group| exact(inks.values_at(*group)) }
          raise Invalid, "Usher sees no exact shape in this. It stays as you drew it." if found.empty? && !@quiet && !lenient
          lost, put = found.flat_map(&:first), found.map(&:last)
          Outcome.new(put: put, gone: lost.map(&:id), inverse: put.any? ? swap_back(put, lost) : nil)
        end

        private

        def read
          @ids = ids("ids")
          @quiet = Invalid.about("Quiet") { Types::Flag.new.call(@hash.fetch("quiet", false)) }
        end

        def payload = { "ids" => @ids, "quiet" => @quiet }

        # The strokes and the item they become, in the colour and width of the first; nil when they are
        # no shape.
        def exact(inks)
          return if inks.empty?
          fit = Usher::Tidy.read(inks.map { |placed| placed.item.on_paper }) or return
          first = inks.first.item
          values = { "kind" => fit.kind, "id" => Digest::SHA256.hexdigest(inks.map(&:id).join(" "))[0, 24], "stroke" => first.colour, "stroke_width" => first.stroke_width, "opacity" => first.opacity }
          [ inks, Placed.new(Items.build(values.merge(fit.values)), inks.map(&:z).max) ]
        end
      end
    end
  end
end
