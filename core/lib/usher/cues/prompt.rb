module Usher
  module Cues
    # The cues of a page as they stand during a lesson: which were run, which comes next. Cues whose thing is gone are
    # told, and skipped.
    class Prompt
      # list: the page's cues as hashes; run: the ids of those that were run, in order; things: { id => item } of those
      # that the cues are about and that are there.
      def initialize(list, run:, things:)
        @cues = list.map { |hash| Cues.build(hash) }
        @run, @things = run, things
      end

      attr_reader :cues

      # The first that was not run and can be; nil where none is left.
      def next = @cues.find { |cue| !run?(cue) && !cue.broken?(@things) }

      def find(id) = @cues.find { |cue| cue.id == id }
      def thing(cue) = @things[cue.item]
      def words(cue) = cue.words(thing(cue))
      def broken?(cue) = cue.broken?(@things)
      # Whether it was run, or somebody did it by hand.
      def run?(cue) = @run.include?(cue.id) || cue.done?(thing(cue))
    end
  end
end
