module Usher
  module Text
    # The faces that text on a page can have. `folder` is where the npm packages are.
    module Faces
      ROOT = File.expand_path("../../../../node_modules/@expo-google-fonts", __dir__)
      FAMILIES = {
        "read" => { name: "Atkinson Hyperlegible Next", package: "atkinson-hyperlegible-next", stem: "AtkinsonHyperlegibleNext", italics: true },
        "title" => { name: "Bricolage Grotesque", package: "bricolage-grotesque", stem: "BricolageGrotesque", italics: false }
      }.freeze

      module_function

      # The Face that measures text in this font ("read" or "title"), weight and slant.
      def fetch(font, bold: false, italic: false)
        @faces ||= {}
        @faces[[ font, bold, italic ]] ||= Face.new(path(font, bold: bold, italic: italic))
      end

      # The family's name as SVG and CSS know it.
      def family(font) = FAMILIES.fetch(font)[:name]

      def path(font, bold: false, italic: false)
        family = FAMILIES.fetch(font)
        style = "#{bold ? '700Bold' : '400Regular'}#{'_Italic' if italic && family[:italics]}"
        File.join(ROOT, family[:package], style, "#{family[:stem]}_#{style}.ttf")
      end
    end
  end
end
