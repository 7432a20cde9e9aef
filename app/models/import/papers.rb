# Pages of a PDF as sharp papers, with text that can be chosen and found. Several are read at once, in a process of its
# own that takes the memory along when it ends.
class Import::Papers
  PAPER = { "paper" => "picture", "colour" => Usher::Colour::WHITE }.freeze # on a page of the same shape
  AT_ONCE = 8 # after the first, which is soon to be seen
  LOOKED_AT = 50 # dots to an inch, in which a drawing is compared with the paper

  def initialize(path, asset)
    @reader, @asset, @sheets = Usher::Formats::Pdf::Reader.new(path), asset, {}
  end

  # The page with this number, as Lesson#add_page takes it, and what was left out of it.
  def page(number)
    picture = Picture.of_sheet(sheet(number), teacher: @asset.teacher, name: "#{@asset.name}, page #{number}", origin: "pdf:#{@asset.id}:#{number}")
    style = PAPER.merge("measures" => { "picture" => picture.id, "fit" => "whole" }, **Usher::Page::Style.shaped(picture.width, picture.height))
    [ { style: style, items: [] }, [] ]
  end

  private

  def sheet(number)
    @sheets = read(number..[ number + (@asked ? AT_ONCE - 1 : 0), @reader.count ].min) unless @sheets.key?(number)
    @asked = true
    @sheets.delete(number)
  end

  # Where one of them is broken, those before it still come.
  def read(numbers)
    Forked.run { numbers.zip(@reader.sheets(numbers)).to_h { |number, sheet| [ number, faithful(number, sheet) ] } }
  rescue Usher::Invalid
    numbers.one? ? raise : read(numbers.begin..numbers.begin)
  end

  # Dots, where the drawing does not look like the paper.
  def faithful(number, sheet)
    return sheet if sheet.sure || Picture::Likeness.new(@reader.dots(number, LOOKED_AT), sheet.content).alike?(soft: true)
    @reader.dotted(number, sheet.lines)
  end
end
