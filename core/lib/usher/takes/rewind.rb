module Usher
  module Takes
    # Walks a page back through its log: from how it is now to how it was before given operations.
    class Rewind
      # memory: Page::Memory with the page as it is now; inverses: the operations' inverses (hashes),
      # newest first, nil where there is none. Answers with the same memory, rewound.
      def self.run(memory, inverses)
        inverses.compact.each { |inverse| memory.run(inverse, lenient: true) }
        memory
      end
    end
  end
end
