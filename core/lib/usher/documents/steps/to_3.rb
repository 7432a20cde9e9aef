module Usher
  module Documents
    module Steps
      # Names of the field: the stroke width (was "breadth"), a track's kind and a cover's effect (were "way").
      class To3 < Step
        def item(item) = values(item)

        def values(values)
          values = renamed(values, "breadth" => "stroke_width", "way" => "effect")
          values.merge({ "rubbed" => values["rubbed"]&.map { |sweep| renamed(sweep, "breadth" => "stroke_width") }, "track" => values["track"]&.then { |track| renamed(track, "way" => "kind") } }.compact)
        end

        def operation(operation) = super(operation["verb"] == "track" ? renamed(operation, "way" => "kind") : operation)

        def reel(reel)
          pages = reel["pages"].transform_values { |page| page.merge("items" => page["items"].map { |one| drawn(one) }) }
          reel.merge("pages" => pages, "events" => reel["events"].map { |event| event.merge("put" => event["put"].map { |one| drawn(one) }) })
        end

        def preferences(set)
          set = renamed(set, "breadths" => "stroke_widths")
          set.merge(%w[second_tip side_button].filter_map { |part| [ part, renamed(set[part], "breadth" => "stroke_width") ] if set[part] }.to_h)
        end

        private

        def drawn(entry) = entry["ink"] ? entry.merge("ink" => renamed(entry["ink"], "breadth" => "stroke_width")) : entry

        # A hash with keys called otherwise, each where it was.
        def renamed(hash, names) = hash.transform_keys { |key| names.fetch(key, key) }
      end
    end
  end
end
