module Usher
  # Versions of stored forms. What is stored as JSON carries the number of the form it was written in, as
  # "v"; what carries none is of the first. It is lifted when it is read, one step (documents/steps) after
  # the other, and never edited in place. All kinds of documents share the numbers, because they hold each
  # other: an operation holds items, a clipping too.
  #
  # A new form is a new file in steps/, and CURRENT one higher; see Step.
  module Documents
    CURRENT = 6
    KEY = "v"

    autoload :Step, "usher/documents/step"
    autoload :Steps, "usher/documents/steps"

    module_function

    # kind: one of Step::KINDS; stored: what JSON.parse gave. Answers with the document in today's form,
    # without its number. Raises Invalid for a form from a later release.
    def read(kind, stored)
      version = stored.is_a?(Hash) ? stored.delete(KEY) || 1 : 1
      raise Invalid, "This was kept by a later release of Usher. Nothing was changed." if version > CURRENT
      version == CURRENT ? stored : (version + 1..CURRENT).inject(stored) { |document, to| Steps.to(to).public_send(kind, document) }
    end

    # The document as it is stored.
    def write(document) = document.merge(KEY => CURRENT)
  end
end
