module Usher
  module Activities
    # Questions one by one, as a bank keeps them: content of a kind with a single entry in its list (Kind.listed).
    module Bank
      module_function

      # Names of the kinds whose content is a list of questions.
      def kinds = @kinds ||= Activities.registry.select { |_, kind| kind.listed }.map(&:first).freeze

      # [[the question in words, its content], ...]; empty where its kind is no list. Parts of a sheet are left out.
      def split(kind)
        key = kind.class.listed or return []
        kind.content[key].zip(kind.questions).map { |entry, words| [ words, kind.content.merge(key => [ entry ]) ] }
      end

      # One content of all these of a kind, each question once. Raises Invalid for what cannot stand together.
      def join(name, contents)
        kind = Activities.registry.fetch(name)
        key = kind.listed or raise Invalid, "That kind has no questions one by one."
        kind.build(contents.first.merge(key => contents.flat_map { |content| content[key] }.uniq)).content
      end
    end
  end
end
