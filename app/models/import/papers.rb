# Pages of a PDF as sharp papers, with text that can be chosen and found.
class Import::Papers
  PAPER = { "paper" => "picture", "colour" => Usher::Colour::WHITE }.freeze # on a page of the same shape

  def initialize(path, asset)
    @reader, @asset = Usher::Formats::Pdf::Reader.new(path), asset
  end

  # The page with this number, as Lesson#add_page takes it, and what was left out of it.
  def page(number)
    picture = Picture.of_sheet(@reader.sheet(number), teacher: @asset.teacher, name: "#{@asset.name}, page #{number}", origin: "pdf:#{@asset.id}:#{number}")
    style = PAPER.merge("measures" => { "picture" => picture.id, "fit" => "whole" }, **Usher::Page::Style.shaped(picture.width, picture.height))
    [ { style: style, items: [] }, [] ]
  end
end
