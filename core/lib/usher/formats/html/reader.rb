require "nokogiri"

module Usher
  module Formats
    module Html
      # Pasted rich text as plain values: words, bold, italic, underlined, struck and marked parts, links and lists stay;
      # everything that could run, load or look different goes.
      class Reader
        MAX_BYTES = 500_000
        DEEPEST = 200
        BLOCKS = %w[p div h1 h2 h3 h4 h5 h6 li ul ol blockquote pre table tr section article header footer dl dt dd figure hr address].freeze
        SILENT = %w[script style head title meta link template noscript iframe object embed svg math canvas audio video select textarea button input].freeze
        COUNTED = { "a" => "letters", "A" => "capitals", "i" => "romans", "I" => "large_romans" }.freeze # types of ordered lists
        MARKED = /<!\[[^<>]*>/ # what HTML reads as a comment (HTML 13.2.5.42), and libxml2 as words
        # An entry of a list that is no list there, but a paragraph which begins with a sign and spaces that do not break.
        SIGNED = /\A\s*(?:(?<sign>[·•▪§o–-])|(?<number>\d{1,4})[.)]|(?<small>[a-z])[.)]|(?<large>[A-Z])[.)])(?:\s*\u00A0){2,}\s*/
        LOOKS = { "b" => { "bold" => true }, "strong" => { "bold" => true }, "th" => { "bold" => true }, "i" => { "italic" => true }, "em" => { "italic" => true },
                  **%w[u ins].to_h { |name| [ name, { "underline" => true } ] }, **%w[s del strike].to_h { |name| [ name, { "strike" => true } ] }, "mark" => { "highlight" => Colour::PALE_BRASS },
                  "sup" => { "shift" => "super" }, "sub" => { "shift" => "sub" },
                  **%w[h1 h2 h3 h4].to_h { |name| [ name, { "bold" => true } ] } }.freeze

        # html: a fragment as a clipboard has it. Answers with { "text", "marks", "lists" } as Items::Written
        # takes them, or, where it is longer than those, Usher::Text::Flow. Raises Invalid when it is too long or says nothing.
        def self.read(html)
          raise Invalid, "That text is longer than Usher can take at once." unless html.is_a?(String) && html.bytesize <= MAX_BYTES
          new.tap { |reader| reader.walk(Nokogiri::HTML.fragment(html.dup.force_encoding("UTF-8").scrub.gsub(MARKED, "")), {}, nil, 0) }.result
        end

        def initialize
          @text, @marks, @lists = +"", [], [ "none" ]
        end

        def result
          text = @text.rstrip
          raise Invalid, "There is no text in this." if text.empty?
          raise Invalid, "That text is longer than #{Usher::Text::Flow::MAX} characters." if text.length > Usher::Text::Flow::MAX
          { "text" => text, "marks" => Usher::Text::Marks.within(joined, text.length).first(text.length > Items::Written::MAX ? joined.size : Usher::Text::Marks::MOST), "lists" => @lists.first(text.count("\n") + 1) }
        end

        # look: the marks around; list: the kind of the list around (see Text::ListKind), or nil.
        def walk(node, look, list, depth)
          return if depth > DEEPEST
          node.children.each do |child|
            next say(child.text, look) if child.text?
            next unless child.element? && !SILENT.include?(child.name)
            child.name == "br" ? break_line("none") : enter(child, look, list, depth)
          end
        end

        private

        def enter(element, look, list, depth)
          block = BLOCKS.include?(element.name)
          list = { "ul" => "bullets", "ol" => counted(element) }.fetch(element.name, list)
          fresh(element.name == "li" ? list || "bullets" : signed(element) || "none") if block
          @text << "\t" if %w[td th].include?(element.name) && !@text.empty? && !@text.end_with?("\n")
          walk(element, look.merge(LOOKS.fetch(element.name, {}), styled(element), linked(element)), list, depth + 1)
          @ended = true if block
        end

        # The kind of list of a paragraph that is written as an entry, without its sign from now on; nil for any other.
        def signed(element)
          found = SIGNED.match(element.text) if element.name == "p"
          return @counted = nil unless found
          unsigned(element, found.end(0))
          return "bullets" if found[:sign]
          counted_on(*(found[:number] ? [ "numbers", found[:number].to_i ] : found[:small] ? [ "letters", found[:small].ord - 96 ] : [ "capitals", found[:large].ord - 64 ]))
        end

        # Without its first letters.
        def unsigned(element, rest)
          element.xpath(".//text()").each do |text|
            words = text.content
            text.content = words[rest..].to_s
            rest = [ rest - words.length, 0 ].max
          end
        end

        # Its number is said only where the entry above does not.
        def counted_on(kind, number)
          on = @counted == [ kind, number - 1 ]
          @counted = [ kind, number ]
          on ? kind : Usher::Text::ListKind.from(kind, number)
        end

        # The kind of an ordered list, which may begin with a later number.
        def counted(element) = Usher::Text::ListKind.from(COUNTED.fetch(element["type"], "numbers"), element["start"].to_i)

        def styled(element)
          style = element["style"].to_s
          look = {}
          look["bold"] = !style.match?(/font-weight:\s*(normal|[1-5]00)/i) if style.match?(/font-weight/i)
          look["italic"] = style.match?(/font-style:\s*(italic|oblique)/i) if style.match?(/font-style/i)
          decoration = style[/text-decoration(?:-line)?:([^;]*)/i, 1].to_s
          look["underline"] = true if decoration.match?(/underline/i)
          look["strike"] = true if decoration.match?(/line-through/i)
          style[/vertical-align:\s*(super|sub)\b/i, 1]&.then { |shift| look["shift"] = shift.downcase }
          look
        end

        def linked(element)
          return {} unless element.name == "a" && element["href"]
          { "link" => Types::Address.new.call(element["href"].strip) }
        rescue Invalid
          {} # the words stay, the link goes
        end

        def say(words, look)
          words = words.gsub(/[\s\u00A0]+/, " ")
          words = words.lstrip if @text.empty? || @text.end_with?("\n", " ") || @ended
          return if words.empty?
          break_line("none") if @ended && !@text.empty? && !@text.end_with?("\n")
          @ended = false
          look = look.select { |_, value| value }
          @marks << look.merge("from" => @text.length, "to" => @text.length + words.length) if look.any?
          @text << words
        end

        # A paragraph begins: a new line, unless nothing stands on this one.
        def fresh(list)
          @ended = false
          return @lists[-1] = list if @text.empty? || @text.end_with?("\n")
          break_line(list)
        end

        def break_line(list)
          @text << "\n"
          @lists << list
        end

        # Neighbours that look alike are one.
        def joined
          @marks.each_with_object([]) do |mark, all|
            last = all.last
            last && last["to"] == mark["from"] && last.except("from", "to") == mark.except("from", "to") ? all[-1] = last.merge("to" => mark["to"]) : all << mark
          end
        end
      end
    end
  end
end
