require "cgi"

module Usher
  # Writes XML by hand, since a page of 1,000 items is 1,000 small strings and a tree would cost more.
  module Markup
    module_function

    # tag("rect", { x: 1, fill: "none" }) -> '<rect x="1" fill="none"/>'; nil attributes are left out.
    def tag(name, attributes = {}, content = nil)
      out = +"<#{name}"
      attributes.each { |key, value| out << %( #{key}="#{attribute(value)}") unless value.nil? }
      content ? out << ">" << content << "</#{name}>" : out << "/>"
    end

    # Text made safe for element content and attributes.
    def escape(text) = CGI.escapeHTML(text.to_s.gsub(/[^\t\n\r\u0020-\uD7FF\uE000-\uFFFD\u{10000}-\u{10FFFF}]/, ""))

    # A number as short as it can be without losing a hundredth of a page unit: 2.0 -> "2", 0.256 -> "0.26".
    def number(value)
      rounded = value.round(2)
      rounded == rounded.to_i ? rounded.to_i.to_s : rounded.to_s
    end

    def attribute(value) = value.is_a?(Numeric) ? number(value) : escape(value).gsub("\n", "&#10;")
  end
end
