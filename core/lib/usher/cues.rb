module Usher
  # What is prepared to happen on a page, in order, at "Next". A cue is a verb, the item it is about (where it is
  # about one), and what else the verb wants. It is stored with the page as a hash:
  #
  #   { "id" => "c1", "verb" => "slide", "item" => "boat", "to" => 0.5 }
  #
  # A new verb is a new file in cues/.
  module Cues
    MOST = 60 # on one page

    autoload :Cue, "usher/cues/cue"
    autoload :Prompt, "usher/cues/prompt"
    %w[Hide Lift Light Lower Play Poll Read Roll Send Show Slide Start Stop Turn].each { |verb| autoload verb, "usher/cues/#{verb.downcase}" }

    module_function

    def registry
      @registry ||= Registry.new(Cues, File.join(__dir__, "cues"), missing: "kind of cue", except: %w[cue prompt])
    end

    # The cue of a hash with string keys; raises Invalid.
    def build(hash)
      raise Invalid, "A cue must come as a set of named values." unless hash.is_a?(Hash)
      registry.fetch(hash["verb"]).new(hash)
    end

    # The verbs that an item can be prepared with, in the order in which they are offered.
    def fitting(item) = registry.map { |_, cue| cue }.select { |cue| cue.about?(item) }.sort_by(&:rank)

    # Those that are about no item.
    def free = registry.map { |_, cue| cue }.reject(&:item?).sort_by(&:rank)

    # The same cues in another lesson, where pages and activities have other numbers ({ old => new }); what has none
    # there is left out.
    def relinked(list, pages:, activities:)
      list.filter_map do |hash|
        own = { "page" => pages, "activity" => activities }.select { |name, _| hash[name] }
        next hash if own.empty?
        hash.merge(own.to_h { |name, numbers| [ name, numbers[hash[name]] ] }) if own.all? { |name, numbers| numbers.key?(hash[name]) }
      end
    end
  end
end
