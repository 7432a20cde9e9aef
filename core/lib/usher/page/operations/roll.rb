require "securerandom"

module Usher
  module Page
    module Operations
      # Turns flash cards over, rolls dice, spins spinners. What comes up follows from "seed", which the core makes when
      # the operation comes and keeps with it, so that it can be checked afterwards (see Classroom::Chance).
      class Roll < Operation
        def apply(page, lenient:)
          there = present(page, @ids, lenient).select { |placed| placed.item.is_a?(Items::Faced) }
          raise Invalid, "That cannot be rolled or turned over." if there.empty? && !lenient
          put = there.each_with_index.map { |placed, index| Placed.new(placed.item.change(placed.item.rolled(Classroom::Chance.new(@seed, index), @seed)), placed.z) }
          back = there.map { |placed| { "id" => placed.id, "set" => placed.item.all.slice("top", "seed", "turns") } }
          Outcome.new(put: put, inverse: ({ "verb" => "change", "changes" => back } if back.any?))
        end

        private

        def read
          @ids = ids("ids")
          @seed = @hash["seed"] || Classroom::Chance.seed(SecureRandom)
          raise Invalid, "A seed is 16 hexadecimal digits." unless @seed.is_a?(String) && @seed.match?(Classroom::Chance::SEED)
        end

        def payload = { "ids" => @ids, "seed" => @seed }
      end
    end
  end
end
