require "cgi"

module Usher
  # Writes XML by hand, since a page of 1,000 items is 1,000 small strings and a tree would cost more.
  module Markup
    CAREFUL = "^ !#-%(-;=?-~".freeze # all but the letters, digits and signs that need no care, as String#count takes it

    module_function

    # tag("rect", { x: 1, fill: "none" }) -> '<rect x="1" fill="none"/>'; nil attributes are left out.
    def tag(name, attributes = {}, content = nil)
      opened = "<#{name}#{attributes(attributes)}"
      content ? opened << ">" << content << "</#{name}>" : opened << "/>"
    end

    # Attributes as they stand in a tag, each name after a prefix; nil ones are left out.
    def attributes(attributes, prefix = "")
      attributes.each_with_object(+"") { |(key, value), out| out << %( #{prefix}#{key}="#{attribute(value)}") unless value.nil? }
    end

    # Text made safe for element content and attributes.
    def escape(text)
      text = text.to_s
      return text if text.ascii_only? && text.count(CAREFUL).zero?
      CGI.escapeHTML(text.gsub(/[^\t\n\r\u0020-\uD7FF\uE000-\uFFFD\u{10000}-\u{10FFFF}]/, ""))
    end

    # A number as short as it can be without losing a hundredth of a page unit: 2.0 -> "2", 0.256 -> "0.26".
    def number(value)
      rounded = value.round(2)
      rounded == rounded.to_i ? rounded.to_i.to_s : rounded.to_s
    end

    def attribute(value)
      return number(value) if value.is_a?(Numeric)
      value = escape(value)
      value.include?("\n") ? value.gsub("\n", "&#10;") : value
    end
  end
end
