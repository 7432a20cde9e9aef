module Fidelity
  # Slides of our own, as flat OpenDocument: one body each.
  module Decks
    STYLE = ->(name, paint, words = "") { %(<style:style style:name="#{name}" style:family="graphic"><style:graphic-properties #{paint}/><style:text-properties #{words}/></style:style>) }
    STYLES = STYLE.("sea", 'draw:fill="solid" draw:fill-color="#1e6079" draw:stroke="none"') + STYLE.("sand", 'draw:fill="solid" draw:fill-color="#f7dfa6" draw:stroke="solid" svg:stroke-color="#b3411d" svg:stroke-width="0.1cm"') +
             STYLE.("line", 'draw:fill="none" draw:stroke="solid" svg:stroke-color="#2b0d1c" svg:stroke-width="0.15cm"') + STYLE.("bare", 'draw:fill="none" draw:stroke="none"') +
             '<style:style style:name="big" style:family="text"><style:text-properties fo:font-size="32pt" fo:font-weight="bold"/></style:style><style:style style:name="red" style:family="text"><style:text-properties fo:color="#b3411d" style:text-underline-style="solid"/></style:style>' \
             '<style:style style:name="mid" style:family="paragraph"><style:paragraph-properties fo:text-align="center"/></style:style>'
    FILLS = '<draw:gradient draw:name="dusk" draw:style="linear" draw:start-color="#1e6079" draw:end-color="#f7dfa6" draw:angle="300" draw:border="10%"/><draw:opacity draw:name="mist" draw:style="linear" draw:start="90%" draw:end="10%" draw:angle="0"/>'.freeze
    LOOKS = STYLE.("dusk", 'draw:fill="gradient" draw:fill-gradient-name="dusk" draw:stroke="none"') + STYLE.("mist", 'draw:fill="solid" draw:fill-color="#b3411d" draw:opacity-name="mist" draw:stroke="none"') +
            { "under" => 'style:text-underline-style="solid"', "struck" => 'style:text-line-through-style="solid" style:text-line-through-type="single"', "lit" => 'fo:background-color="#f7dfa6"', "small" => 'fo:font-size="11pt"', "wide" => 'fo:letter-spacing="0.02cm"' }.map { |name, look| %(<style:style style:name="#{name}" style:family="text"><style:text-properties #{look}/></style:style>) }.join +
            '<style:style style:name="loose" style:family="paragraph"><style:paragraph-properties fo:line-height="150%" fo:margin-bottom="0.4cm"/></style:style>'
    BOX = ->(x, y, width, height) { %(svg:x="#{x}cm" svg:y="#{y}cm" svg:width="#{width}cm" svg:height="#{height}cm") }
    SHAPES = { "isosceles-triangle" => "M 10800 0 L 21600 21600 0 21600 Z N", "diamond" => "M 10800 0 L 21600 10800 10800 21600 0 10800 Z N", "right-arrow" => "M 0 5400 L 16200 5400 16200 0 21600 10800 16200 21600 16200 16200 0 16200 Z N", "heart" => "M 10800 5400 C 15300 -3600 32400 5400 10800 21600 C -10800 5400 6300 -3600 10800 5400 Z N", "ring" => "U 10800 10800 10800 10800 0 360 Z U 10800 10800 5400 5400 0 360 N" }.freeze
    WORDS = "At Gull Point the tide turns twice a day, and every boat at its rope turns with it.".freeze

    ALL = {
      "words" => %(<draw:frame draw:style-name="bare" #{BOX.(2, 1, 24, 3)}><draw:text-box><text:p text:style-name="mid"><text:span text:style-name="big">The tide</text:span></text:p></draw:text-box></draw:frame><draw:frame draw:style-name="bare" #{BOX.(2, 5, 24, 8)}><draw:text-box><text:p>#{WORDS}</text:p><text:p>It is <text:span text:style-name="red">high</text:span> at noon.</text:p></draw:text-box></draw:frame>),
      "list" => %(<draw:frame draw:style-name="bare" #{BOX.(2, 2, 24, 12)}><draw:text-box><text:list><text:list-item><text:p>Rope</text:p></text:list-item><text:list-item><text:p>Anchor</text:p><text:list><text:list-item><text:p>Chain</text:p></text:list-item></text:list></text:list-item><text:list-item><text:p>Lantern</text:p></text:list-item></text:list></draw:text-box></draw:frame>),
      "shapes" => SHAPES.each_with_index.map { |(name, path), n| %(<draw:custom-shape draw:style-name="#{n.even? ? 'sea' : 'sand'}" #{BOX.(1.5 + n * 5.2, 3, 4.6, 4)}><draw:enhanced-geometry svg:viewBox="0 0 21600 21600" draw:type="#{name}" draw:enhanced-path="#{path}"/></draw:custom-shape>) }.join + %(<draw:rect draw:style-name="sand" #{BOX.(2, 9, 8, 4)}><text:p text:style-name="mid">Harbour</text:p></draw:rect><draw:ellipse draw:style-name="sea" #{BOX.(12, 9, 8, 4)}/>),
      "lines" => %(<draw:line draw:style-name="line" svg:x1="2cm" svg:y1="2cm" svg:x2="20cm" svg:y2="6cm"/><draw:polyline draw:style-name="line" #{BOX.(2, 8, 12, 4)} svg:viewBox="0 0 1200 400" draw:points="0,400 300,0 600,400 900,0 1200,400"/><draw:path draw:style-name="sand" #{BOX.(16, 8, 8, 5)} svg:viewBox="0 0 800 500" svg:d="M0 500 C200 -200 600 -200 800 500 Z"/>),
      "looks" => %(<draw:frame draw:style-name="bare" #{BOX.(2, 2, 24, 12)}><draw:text-box><text:p text:style-name="loose">The tide is <text:span text:style-name="under">high</text:span>, not <text:span text:style-name="struck">low</text:span>, at <text:span text:style-name="lit">noon</text:span>.</text:p><text:p text:style-name="loose"><text:span text:style-name="small">#{WORDS}</text:span> And again.</text:p><text:p><text:span text:style-name="wide">Gull Point</text:span></text:p></draw:text-box></draw:frame>),
      "fills" => %(<draw:rect draw:style-name="dusk" #{BOX.(1, 1, 12, 6)}/><draw:ellipse draw:style-name="dusk" #{BOX.(15, 1, 12, 6)}/><draw:rect draw:style-name="mist" #{BOX.(1, 8, 12, 6)}/><draw:rect draw:style-name="sea" svg:width="8cm" svg:height="4cm" draw:transform="skewX (-0.4) translate (16cm 9cm)"/>),
      "table" => %(<draw:frame #{BOX.(3, 3, 20, 6)}><table:table><table:table-column/><table:table-column/>#{[ %w[Day High], %w[Monday 06:40], %w[Tuesday 07:35] ].map { |row| "<table:table-row>#{row.map { |cell| "<table:table-cell><text:p>#{cell}</text:p></table:table-cell>" }.join}</table:table-row>" }.join}</table:table></draw:frame>)
    }.freeze

    module_function

    def flat(body)
      spaces = { office: "office", style: "style", text: "text", table: "table", draw: "drawing", fo: "xsl-fo-compatible", svg: "svg-compatible", presentation: "presentation" }.map { |prefix, name| %(xmlns:#{prefix}="urn:oasis:names:tc:opendocument:xmlns:#{name}:1.0") }.join(" ")
      %(<?xml version="1.0" encoding="UTF-8"?><office:document #{spaces} office:version="1.3" office:mimetype="application/vnd.oasis.opendocument.presentation"><office:styles>#{FILLS}</office:styles><office:automatic-styles><style:page-layout style:name="paper"><style:page-layout-properties fo:page-width="28cm" fo:page-height="15.75cm" fo:margin="0cm"/></style:page-layout>#{STYLES}#{LOOKS}</office:automatic-styles><office:master-styles><style:master-page style:name="plain" style:page-layout-name="paper"/></office:master-styles><office:body><office:presentation><draw:page draw:name="one" draw:master-page-name="plain">#{body}</draw:page></office:presentation></office:body></office:document>)
    end
  end
end
