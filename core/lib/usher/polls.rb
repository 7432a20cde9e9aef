module Usher
  # Questions to the whole class, and the counting of what came back.
  module Polls
    autoload :Kind, "usher/polls/kind"
    autoload :Fixed, "usher/polls/fixed"
    autoload :Figures, "usher/polls/figures"
    autoload :Merging, "usher/polls/merging"
    autoload :Sheet, "usher/polls/sheet"
    autoload :Tally, "usher/polls/tally"
    module Kinds
      %w[Choices Drawing Letters Number Order Scale Spot Text TrueFalse Words YesNo].each { |kind| autoload kind, "usher/polls/kinds/#{kind.gsub(/(?<=.)(?=[A-Z])/, '_').downcase}" }
    end

    # Kinds of question: a file each in kinds/.
    def self.registry
      @registry ||= Registry.new(Kinds, File.join(__dir__, "polls", "kinds"), missing: "kind of question")
    end

    # settings: as they are kept. Raises Invalid for a kind nobody knows.
    def self.of(kind, settings) = registry.fetch(kind).new(settings)
  end
end
