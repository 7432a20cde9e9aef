require "zip"

# Presentations for tests, written part by part as the two standards have them.
module Decks
  PPTX = "application/vnd.openxmlformats-officedocument.presentationml.presentation".freeze
  ODP = "application/vnd.oasis.opendocument.presentation".freeze
  OFFICE = "http://schemas.openxmlformats.org/officeDocument/2006/relationships".freeze
  XML = %(xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" xmlns:r="#{OFFICE}" xmlns:p="http://schemas.openxmlformats.org/presentationml/2006/main").freeze
  PNG = "iVBORw0KGgoAAAANSUhEUgAAAAoAAAAKCAYAAACNMs+9AAAAFUlEQVR42mP8z8BQz0AEYBxVSF+FABJADveWkH6oAAAAAElFTkSuQmCC".unpack1("m").freeze
  ODF = { "office" => "office", "style" => "style", "text" => "text", "table" => "table", "draw" => "drawing", "fo" => "xsl-fo-compatible", "svg" => "svg-compatible", "presentation" => "presentation" }
    .map { |prefix, name| %(xmlns:#{prefix}="urn:oasis:names:tc:opendocument:xmlns:#{name}:1.0") }.push('xmlns:xlink="http://www.w3.org/1999/xlink"').join(" ").freeze
  THEME = %w[dk1:000000 lt1:ffffff dk2:1e6079 lt2:f7dfa6 accent1:9a3a61 accent2:1d7758].map { |pair| pair.split(":").then { |name, hex| %(<a:#{name}><a:srgbClr val="#{hex}"/></a:#{name}>) } }.join.freeze

  module_function

  # The bytes of an archive with these parts: { name => bytes }. Its type is to be read without unpacking.
  def archive(parts)
    Zip::OutputStream.write_buffer do |zip|
      parts.each do |name, bytes|
        zip.put_next_entry(name, nil, nil, name == "mimetype" ? Zip::Entry::STORED : Zip::Entry::DEFLATED)
        zip.write(bytes)
      end
    end.string
  end

  # slides: for each what is in its tree of shapes, or { tree:, bg:, notes:, more:, said: } with `more` relations
  # ([id, kind, target, outside]), `controls` behind its tree, and what the slide says of itself; master, layout: what is in theirs; parts: further ones.
  def pptx(*slides, master: "", layout: "", parts: {})
    slides = slides.map { |slide| slide.is_a?(Hash) ? slide : { tree: slide } }
    archive("_rels/.rels" => relations([ "r1", "officeDocument", "ppt/presentation.xml" ]), "ppt/presentation.xml" => show(slides.size),
      "ppt/_rels/presentation.xml.rels" => relations(*slides.each_index.map { |index| [ "s#{index}", "slide", "slides/slide#{index}.xml" ] }),
      "ppt/slideMasters/m.xml" => %(<p:sldMaster #{XML}><p:cSld><p:bg><p:bgRef idx="1001"><a:schemeClr val="bg1"/></p:bgRef></p:bg><p:spTree>#{master}</p:spTree></p:cSld><p:clrMap bg1="lt1" tx1="dk1" bg2="lt2" tx2="dk2" accent1="accent1" accent2="accent2"/><p:txStyles><p:titleStyle><a:lvl1pPr algn="ctr"><a:defRPr sz="4400" b="1"><a:solidFill><a:schemeClr val="tx2"/></a:solidFill></a:defRPr></a:lvl1pPr></p:titleStyle><p:bodyStyle><a:lvl1pPr><a:buChar char="•"/><a:defRPr sz="2800"/></a:lvl1pPr><a:lvl2pPr><a:buAutoNum type="arabicPeriod"/><a:defRPr sz="2000"/></a:lvl2pPr></p:bodyStyle></p:txStyles></p:sldMaster>),
      "ppt/slideMasters/_rels/m.xml.rels" => relations([ "r1", "theme", "../theme/t.xml" ]),
      "ppt/theme/t.xml" => %(<a:theme #{XML}><a:themeElements><a:clrScheme>#{THEME}</a:clrScheme><a:fmtScheme><a:lnStyleLst><a:ln w="12700"/><a:ln w="38100"/></a:lnStyleLst></a:fmtScheme></a:themeElements></a:theme>),
      "ppt/slideLayouts/l.xml" => %(<p:sldLayout #{XML}><p:cSld><p:spTree>#{layout}</p:spTree></p:cSld></p:sldLayout>), "ppt/slideLayouts/_rels/l.xml.rels" => relations([ "r1", "slideMaster", "../slideMasters/m.xml" ]),
      **slides.each_with_index.flat_map { |slide, index| slide_parts(slide, index) }.to_h, **parts)
  end

  def slide_parts(slide, index)
    notes = slide[:notes] && { "ppt/notes#{index}.xml" => %(<p:notes #{XML}><p:cSld><p:spTree>#{shape(text: "7", ph: 'type="sldNum"')}#{shape(text: slide[:notes], ph: 'type="body"')}</p:spTree></p:cSld></p:notes>) }
    more = [ *slide[:more], ([ "n", "notesSlide", "../notes#{index}.xml" ] if notes) ].compact
    { "ppt/slides/slide#{index}.xml" => %(<p:sld #{XML} #{slide[:said]}><p:cSld>#{slide[:bg]}<p:spTree>#{slide[:tree]}</p:spTree>#{slide[:controls]}</p:cSld></p:sld>),
      "ppt/slides/_rels/slide#{index}.xml.rels" => relations([ "l", "slideLayout", "../slideLayouts/l.xml" ], *more), **notes.to_h }.to_a
  end

  def show(count) = %(<p:presentation #{XML}><p:sldIdLst>#{count.times.map { |index| %(<p:sldId id="#{256 + index}" r:id="s#{index}"/>) }.join}</p:sldIdLst><p:sldSz cx="12192000" cy="6858000"/></p:presentation>)

  def relations(*all)
    %(<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">#{all.map { |id, kind, target, outside| %(<Relationship Id="#{id}" Type="#{OFFICE}/#{kind}" Target="#{target}"#{' TargetMode="External"' if outside}/>) }.join}</Relationships>)
  end

  # A shape of Office Open XML. at: [x, y, width, height] in points; ph: attributes of a placeholder; look: what
  # else its properties hold; paragraphs: instead of `text`.
  def shape(at: nil, form: nil, look: "", text: nil, paragraphs: nil, ph: nil, more: "", body: "<a:bodyPr/>", frame: "")
    paragraphs ||= "<a:p><a:r><a:t>#{text}</a:t></a:r></a:p>" if text
    %(<p:sp><p:nvSpPr><p:cNvPr id="2" name="" /><p:cNvSpPr/><p:nvPr>#{"<p:ph #{ph}/>" if ph}</p:nvPr></p:nvSpPr><p:spPr>#{place(at, frame) if at}#{%(<a:prstGeom prst="#{form}"><a:avLst/></a:prstGeom>) if form}#{look}</p:spPr>#{more}#{"<p:txBody>#{body}#{paragraphs}</p:txBody>" if paragraphs}</p:sp>)
  end

  def place((x, y, width, height), frame = "", inner: "")
    %(<a:xfrm #{frame}><a:off x="#{emu(x)}" y="#{emu(y)}"/><a:ext cx="#{emu(width)}" cy="#{emu(height)}"/>#{inner}</a:xfrm>)
  end

  def emu(points) = (points * 12_700).round

  def solid(name) = %(<a:solidFill><a:#{name.match?(/\A\h{6}\z/) ? 'srgbClr' : 'schemeClr'} val="#{name}"/></a:solidFill>)

  # pages: what is on each; styles: automatic ones of the pages; common: styles of all; master: what is on the
  # master; fonts: declared ones; said: what each page says of itself.
  def odp(*pages, styles: "", common: "", master: "", fonts: "", said: "", parts: {})
    archive("mimetype" => ODP,
      "content.xml" => %(<office:document-content #{ODF}><office:font-face-decls>#{fonts}</office:font-face-decls><office:automatic-styles>#{styles}</office:automatic-styles><office:body><office:presentation>#{pages.map { |page| %(<draw:page draw:master-page-name="M" #{said}>#{page}</draw:page>) }.join}</office:presentation></office:body></office:document-content>),
      "styles.xml" => %(<office:document-styles #{ODF}><office:styles>#{common}</office:styles><office:automatic-styles><style:page-layout style:name="L"><style:page-layout-properties fo:page-width="400pt" fo:page-height="300pt"/></style:page-layout><style:style style:name="gr1" style:family="graphic"><style:graphic-properties draw:fill="solid" draw:fill-color="#1e6079"/></style:style></office:automatic-styles><office:master-styles><style:master-page style:name="M" style:page-layout-name="L">#{master}</style:master-page></office:master-styles></office:document-styles>),
      **parts)
  end
end
