require "json"

module Usher
  module Text
    # The faces that text on a page can have. Letters that a face lacks come from the fallbacks, in this
    # order everywhere: here, in browsers and in print.
    module Faces
      ROOT = File.expand_path("../../../../node_modules/@expo-google-fonts", __dir__)
      VENDOR = File.expand_path("../../../../vendor/npm", __dir__)
      # files: by style ("400Regular", "700Bold", with "_Italic" behind where there is one).
      Family = Struct.new(:name, :folder, :stem, :styles, :nested, keyword_init: true) do
        def family = name

        def path(bold:, italic:)
          style = [ "#{bold ? '700Bold' : '400Regular'}#{'_Italic' if italic}", bold ? "700Bold" : "400Regular", "400Regular" ].find { |wanted| styles.include?(wanted) }
          File.join(ROOT, folder, *(style if nested), "#{stem}_#{style}.ttf")
        end
      end

      ALL = %w[400Regular 700Bold 400Regular_Italic 700Bold_Italic].freeze
      UPRIGHT = %w[400Regular 700Bold].freeze
      # A family in all four cuts, a line each in config/families.json (script/vendor.mjs).
      Office = Struct.new(:font, :name, keyword_init: true) do
        def family = name
        def path(bold:, italic:) = File.join(VENDOR, "#{font}#{'-bold' if bold}#{'-italic' if italic}.ttf")
      end
      OFFICE = JSON.parse(File.read(File.expand_path("../../../../config/families.json", __dir__)))["families"].to_h { |line| [ line["font"], Office.new(font: line["font"], name: line["family"]) ] }.freeze
      FAMILIES = {
        "read" => Family.new(name: "Atkinson Hyperlegible Next", folder: "atkinson-hyperlegible-next", stem: "AtkinsonHyperlegibleNext", styles: ALL, nested: true),
        "title" => Family.new(name: "Bricolage Grotesque", folder: "bricolage-grotesque", stem: "BricolageGrotesque", styles: UPRIGHT, nested: true),
        "hand" => Family.new(name: "Andika", folder: "andika", stem: "Andika", styles: ALL, nested: false),
        **OFFICE
      }.freeze
      # Under one name in drawings and style sheets: the faces of all further scripts, and those of Debian (SYSTEM).
      TOGETHER = "Usher Letters".freeze
      # Scripts with a face of their own, a line each in config/letters.json. The files hold nothing but those letters
      # (script/vendor.mjs).
      Script = Struct.new(:name, :package, :bold, keyword_init: true) do
        def family = TOGETHER
        def path(bold:, **) = File.join(VENDOR, "letters-#{package}#{'-bold' if bold && self.bold}.ttf")
      end
      LETTERS = JSON.parse(File.read(File.expand_path("../../../../config/letters.json", __dir__))).map { |line| Script.new(name: line["family"], package: line["package"], bold: line["bold"]) }.freeze
      # Those whose faces come from Debian, for print and pictures: browsers have their own. Every sign is as broad.
      SYSTEM = [ Square.new("Noto Sans CJK JP", /[\p{Han}\p{Hiragana}\p{Katakana}\p{Hangul}\u3000-\u303F\uFF01-\uFF60\uFFE0-\uFFE6]/, 1.0), Square.new("Noto Color Emoji", /\p{Emoji_Presentation}/, 1.245) ].freeze
      SYSTEM_FILES = %w[NotoSansCJK-Regular.ttc NotoSansCJK-Bold.ttc NotoColorEmoji.ttf].freeze
      FALLBACKS = [
        FAMILIES["hand"],
        Family.new(name: "Noto Sans Hebrew", folder: "noto-sans-hebrew", stem: "NotoSansHebrew", styles: UPRIGHT, nested: true),
        Family.new(name: "Noto Sans Arabic", folder: "noto-sans-arabic", stem: "NotoSansArabic", styles: UPRIGHT, nested: true),
        *LETTERS,
        Family.new(name: "Noto Sans Math", folder: "noto-sans-math", stem: "NotoSansMath", styles: %w[400Regular], nested: true) # last: its Arabic letters do not join
      ].freeze
      NAMES = FAMILIES.keys.freeze

      # The reading face has a slash through its zero, which children take for another sign: its figures come from
      # here. The files hold nothing but figures (script/vendor.mjs), so that this family can stand before the face.
      FIGURES = { name: "Noto Sans", faces: %w[read], files: { false => "figures.ttf", true => "figures-bold.ttf" } }.freeze

      module_function

      # The Face that measures text in this font (a key of FAMILIES), weight and slant.
      def fetch(font, bold: false, italic: false)
        @faces ||= {}
        @faces[[ font, bold, italic ]] ||= Face.new(FAMILIES.fetch(font).path(bold: bold, italic: italic), fallbacks: fallbacks(bold), figures: (figures(bold) if FIGURES[:faces].include?(font)))
      end

      # The families in order, as SVG and CSS know them.
      def family(font) = [ *(FIGURES[:name] if FIGURES[:faces].include?(font)), *[ FAMILIES.fetch(font), *FALLBACKS ].map(&:family).uniq ].join(", ")

      # Whether some face has a glyph for this character.
      def cover?(char) = fetch("read").covers?(char) || fallbacks(false).any? { |face| face.covers?(char) }

      def figures(bold)
        @figures ||= {}
        @figures[bold] ||= Face.new(File.join(VENDOR, FIGURES[:files].fetch(bold)))
      end

      def fallbacks(bold)
        @fallbacks ||= {}
        @fallbacks[bold] ||= [ *FALLBACKS.map { |family| Face.new(family.path(bold: bold, italic: false)) }, *SYSTEM ]
      end
    end
  end
end
