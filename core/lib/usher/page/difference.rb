module Usher
  module Page
    # What makes one page into another.
    module Difference
      # from, to: Page::Memory. Answers with the operation (a hash) that does it, or nil where they are
      # the same.
      def self.between(from, to)
        was, is = [ from, to ].map { |page| page.stack.to_h { |placed| [ placed.id, placed.to_h ] } }
        items, gone, set = is.reject { |id, item| was[id] == item }.values, was.keys - is.keys, to.style.reject { |name, value| from.style[name] == value }
        { "verb" => "reset", "items" => items, "gone" => gone, "set" => set } if [ items, gone, set ].any?(&:any?)
      end
    end
  end
end
