require "json"

module Library
  # The npm package @iconify-json/fluent-emoji-flat: one drawing for each sign of Unicode's emoji, with
  # the keywords of the package emojilib.
  class Emoji
    include Enumerable

    FOLDER = File.expand_path("../../node_modules/@iconify-json/fluent-emoji-flat", __dir__)
    KEYWORDS = File.expand_path("../../node_modules/emojilib/dist/emoji-en-US.json", __dir__)
    TONES = /[\u{1F3FB}-\u{1F3FF}]/
    FLAGS = /[\u{1F1E6}-\u{1F1FF}]/
    UNSUITED = /cigarette|smoking|beer|wine|cocktail|champagne|sake|tropical drink|clinking|tumbler|pistol|gun|dagger|bomb|coffin|middle finger|bikini|swastika/i

    def each
      icons = JSON.parse(File.read(File.join(FOLDER, "icons.json")))
      keywords = JSON.parse(File.read(KEYWORDS)).transform_keys { |sign| plain(sign) }
      width, height = icons.values_at("width", "height")
      seen = {}
      JSON.parse(File.read(File.join(FOLDER, "chars.json"))).sort.each do |code, name|
        sign = code.split("-").map { |one| one.hex }.pack("U*")
        icon = icons["icons"][name]
        next if seen[name] || icon.nil? || sign.match?(TONES) || sign.match?(FLAGS) || name.start_with?("flag-")
        title = name.tr("-", " ").capitalize
        words = keywords.fetch(plain(sign), []).join(" ").tr("_", " ")
        next if "#{title} #{words}".match?(UNSUITED)
        seen[name] = true
        yield title: title, words: words, svg: %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 #{width} #{height}" width="#{width}" height="#{height}">#{icon['body']}</svg>), pack: "emoji"
      end
    end

    private

    # Without the sign that asks for a coloured picture.
    def plain(sign) = sign.delete("\u{FE0F}")
  end
end
