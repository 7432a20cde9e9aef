module Usher
  module Classroom
    # What draws, dice and spinners share: their seed, which is told afterwards, and that a result can be kept from the
    # devices until it rests.
    module Drawn
      SPINS = 1.6 # seconds until it rests
      KEPT = 1_000 # results

      def self.included(kind) = kind.extend(Typed)

      # What comes out of a form.
      module Typed
        def flag(value) = [ true, "true", "1", "on" ].include?(value)
      end

      def seed = state["seed"]
      def fingerprint = Chance.fingerprint(seed)

      # Whether it is still moving.
      def moving?(at) = !state["at"].nil? && at < state["at"] + SPINS

      # Seconds until devices may know what came out; nil where they may.
      def rests_in(at) = (state["at"] + SPINS - at if state["secret"] && moving?(at))

      def do_secret(_given, _at) = with(secret: !state["secret"])
    end
  end
end
