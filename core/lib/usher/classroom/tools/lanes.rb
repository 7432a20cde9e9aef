module Usher
  module Classroom
    module Tools
      # The page split into strips side by side, for several to write at the same time. State: "count", "questions",
      # "names", "low" (whether the upper half is shown again below, in reach of small children), "page", "size".
      class Lanes < Tool
        COUNTS = (2..4)
        MARGIN = 24 # page units between a rope and words
        LINE = Types::Line.new(200)

        def self.icon = "columns-3"
        def self.rank = 8

        # "questions": one a line, one alone is for all; "names": one a line; "page", "size": of the page it is on.
        def self.begin(given, at: nil, seed: nil)
          count = number(given, "count", COUNTS, "There are #{COUNTS.begin} to #{COUNTS.end} lanes.", usual: 2)
          questions = lines(given["questions"], count, "question")
          { "count" => count, "questions" => questions.one? ? questions * count : questions, "names" => lines(given["names"], count, "name"), "low" => [ true, "true", "1", "on" ].include?(given["low"]),
            "page" => given["page"], "size" => given["size"] || Page::SIZE }
        end

        def self.lines(typed, most, what)
          lines = Types::Line.new(2_000).call(typed.to_s).split("\n").map(&:strip)
          lines.pop while lines.last == ""
          raise Invalid, "There are more #{what}s than lanes (#{most})." if lines.size > most
          lines.map { |line| Invalid.about("A #{what}") { LINE.call(line) } }
        end

        def count = state["count"]
        def name_of(lane) = state["names"][lane].to_s.then { |name| name.empty? ? "Lane #{lane + 1}" : name }

        # From where to where each lane goes, in page units from the left.
        def strips
          wide = state["size"][0] / count.to_f
          Array.new(count) { |lane| [ (lane * wide).round(2), ((lane + 1) * wide).round(2) ] }
        end

        # How high the upper half is that is shown again below, in page units; nil where the lanes are of one piece.
        def half = (state["size"][1] / 2.0 if state["low"])

        # Which lane a box lies in, by its middle.
        def lane_of(box) = (box.bounds.centre[0] * count / state["size"][0]).floor.clamp(0, count - 1)

        # What is put on the page: ropes of brass dots, what is asked, who writes. The block gives ids.
        def items
          ropes = strips.drop(1).map { |left, _| { "kind" => "line", "id" => yield, **Items::Segment.between([ left, 10 ], [ left, state["size"][1] - 10 ]), "stroke" => Colour::BRASS, "stroke_width" => 9, "dash" => "dotted", "pinned" => "all" } }
          ropes + strips.each_with_index.flat_map { |strip, lane| [ asked(lane, strip, yield), named(lane, strip, yield) ].compact }
        end

        def words(_at = nil) = "#{count} lanes"

        private

        def asked(lane, (left, right), id)
          question = state["questions"][lane].to_s
          return if question.empty?
          { "kind" => "text", "id" => id, "x" => left + MARGIN, "y" => MARGIN, "width" => right - left - 2 * MARGIN, "height" => 60, "text" => question, "size" => 40, "bold" => true, "pinned" => "all" }
        end

        def named(lane, (left, right), id)
          name = state["names"][lane].to_s
          return if name.empty?
          { "kind" => "text", "id" => id, "x" => left + MARGIN, "y" => (half || state["size"][1]) - 66, "width" => right - left - 2 * MARGIN, "height" => 40, "text" => name, "size" => 30, "colour" => Colour::TIDE, "pinned" => "all" }
        end
      end
    end
  end
end
