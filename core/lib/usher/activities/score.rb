module Usher
  module Activities
    # What a go is worth. Where each answer is marked as it is given, an answer counts when it was right at the first
    # try; else what stands at the end counts, with partial credit. A hint costs half a cell where hints cost.
    class Score
      HINT = 0.5

      # play: a Play.
      def initialize(play)
        @play = play
      end

      # Points out of `most`, to two decimals.
      def points = questions.values.sum.round(2)

      def most = @play.rules.points * @play.kind.questions.size

      # { number of the question => its points }.
      def questions
        @questions ||= grouped.transform_values { |cells| (cells.sum { |cell| worth(cell) } / cells.size * @play.rules.points).round(2) }
      end

      # { number of the question => whether all of it was right at the first try; nil before it was marked }.
      def first
        grouped.transform_values do |cells|
          told = cells.map { |cell| @play.about(cell)["first"] }
          told.include?(nil) ? nil : told.all?
        end
      end

      # { number of the question => how many tries were wrong }.
      def wrong = grouped.transform_values { |cells| cells.sum { |cell| @play.about(cell)["wrong"].to_i } }

      private

      def grouped = @grouped ||= @play.cells.group_by { |cell| @play.kind.question(@play.deal, cell) }

      def worth(cell)
        about = @play.about(cell)
        return @play.rules.hints == "cost" ? HINT : 1.0 if about["hinted"] && about["wrong"].to_i.zero?
        return about["first"] ? 1.0 : 0.0 if @play.rules.live?
        marks[cell].to_f
      end

      def marks = @marks ||= @play.kind.mark(@play.deal, @play.answers)
    end
  end
end
