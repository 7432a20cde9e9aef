require "nokogiri"

module Library
  # Debian's package openclipart-svg: drawings with titles and keywords, each with its licence inside.
  # Taken are those in the public domain that suit a classroom.
  class Clipart
    include Enumerable

    FOLDER = "/usr/share/openclipart/svg".freeze
    LARGEST = 40_000 # bytes
    LEFT_OUT = %w[icons flags stars gradients patterns buttons led weapons connectors battery logos folders network flowchart].freeze
    UNSUITED = /\b(gun|guns|pistol|rifle|revolver|weapon|weapons|sword|bomb|grenade|missile|knife|nude|naked|sexy|sex|bikini|blood|bloody|dead|death|kill|killer|suicide|
      beer|wine|whisky|whiskey|vodka|alcohol|cocktail|martini|drunk|cigarette|cigar|smoking|tobacco|drug|drugs|cannabis|marijuana|nazi|swastika|hitler|devil|satan|
      logo|trademark|trade-mark|pacman|pac|tetris|smurf|simpsons|disney|linux|tux|windows|firefox|gnome|kde|debian)\b/xi

    def each(&block)
      found = files.filter_map { |path| read(path) }.uniq { |drawing| drawing[:svg] }
      shared = found.map { |drawing| drawing[:title] }.tally.select { |_, count| count > 2 }
      found.each { |drawing| drawing[:title] = named(File.basename(drawing.delete(:path), ".svg")) || drawing[:title] if shared.key?(drawing[:title]) }
      found.each { |drawing| block.call(drawing.except(:path)) }
    end

    private

    def files = Dir[File.join(FOLDER, "**/*.svg")].sort.reject { |path| LEFT_OUT.any? { |folder| path.include?("/#{folder}/") } || File.size(path) > LARGEST }

    def read(path)
      svg = File.read(path, encoding: "UTF-8").scrub
      about = Nokogiri::XML(svg).remove_namespaces!.at_xpath("//metadata//Work")
      return unless about&.at_xpath(".//license")&.[]("resource").to_s.match?(/publicdomain/i)
      words = [ *about.xpath(".//subject//li").map(&:text), *path.delete_prefix(FOLDER).split("/")[1..-2].map { |folder| folder.tr("_", " ") }, named(File.basename(path, ".svg")).to_s ].map(&:strip).uniq
      title = named(about.at_xpath("./title")&.text.to_s) || named(File.basename(path, ".svg")) || "Drawing"
      { title: title, words: words.join(" "), svg: svg, pack: "clipart", path: path } unless [ title, *words ].join(" ").match?(UNSUITED)
    end

    # "boat_jarno_vasamaa_01", "Boat - RPG map elements 3" and "boat2" are all a boat; nil for what is no title.
    def named(title)
      name = title.tr("_", " ").squeeze(" ").strip.sub(/(\s+[a-z.]+){1,2}\s+(0\d|r)\z/, "").sub(/\s+0\d\z/, "").sub(/\s*[-–(,]\s*(rpg map|by |clip ?art|svg|\d).*\z/i, "").sub(/\s*#?\d+\z/, "").sub(/\Aaiga /i, "").strip[0, 80]
      "#{name[0].upcase}#{name[1..]}" unless name.match?(/\A\W*\z|untitled|clip ?art|open ?clip|^by /i)
    end
  end
end
