class Asset::Kinds::Pdf < Asset::Kinds::Paged
  WORDS = { title: "Pages of a PDF", unit: "page", range: "That PDF has pages 1 to %d.",
    hint: "“all”, one page (7), or some (3-12). They come behind the page in view, as sharp papers whose words can be found." }.freeze

  def source(path) = Import::Papers.new(path, @asset)
end
