require "tmpdir"

module Usher
  module Formats
    # rsvg-convert (librsvg) with the shipped fonts and those of Debian that Usher names, so that what it draws looks like
    # the board.
    module Rsvg
      Failed = Tool::Failed
      DEBIAN = %w[/usr/share/fonts/opentype/noto /usr/share/fonts/truetype/noto].freeze

      module_function

      # Runs it with these arguments; input: SVG for its standard input, where it has no address from which it could reach
      # another file; fonts: a file that tells of more fonts. Answers with what it wrote.
      def run(*arguments, input: "", seconds: Tool::SECONDS, fonts: fontconfig)
        Tool.run("rsvg-convert", "--unlimited", *arguments, input: input, seconds: seconds, environment: { "FONTCONFIG_FILE" => fonts })
      end

      # Written once a process; tells which fonts there are and where their index is kept.
      def fontconfig
        @fontconfig ||= File.join(Dir.mktmpdir("usher-fonts"), "fonts.conf").tap do |file|
          File.write(file, <<~XML)
            <?xml version="1.0"?>
            <!DOCTYPE fontconfig SYSTEM "fonts.dtd">
            <fontconfig><dir>#{Text::Faces::ROOT}</dir><dir>#{Text::Faces::VENDOR}</dir>#{DEBIAN.map { |folder| "<dir>#{folder}</dir>" }.join}
            <selectfont><acceptfont>#{Text::Faces::SYSTEM_FILES.map { |file| "<glob>*/#{file}</glob>" }.join}</acceptfont><rejectfont><glob>*.woff2</glob><glob>/usr/share/fonts/*</glob>#{Text::Faces::LETTERS.map { |one| "<glob>#{Text::Faces::ROOT}/#{one.package}/*</glob>" }.join}</rejectfont></selectfont>
            <alias binding="same"><family>#{Text::Faces::TOGETHER}</family><prefer>#{[ *Text::Faces::LETTERS, *Text::Faces::SYSTEM ].map { |one| "<family>#{one.name}</family>" }.join}</prefer></alias>
            <cachedir>#{File.join(Dir.tmpdir, 'usher-fontconfig')}</cachedir></fontconfig>
          XML
        end
      end
    end
  end
end
