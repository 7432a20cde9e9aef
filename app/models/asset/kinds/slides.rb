class Asset::Kinds::Slides < Asset::Kinds::Paged
  WORDS = { title: "Slides", unit: "slide", range: "That presentation has slides 1 to %d.",
    hint: "“all”, one slide (7), or some (3-12). They come behind the page in view as pages whose words, shapes, tables and pictures can be moved and changed. Speaker notes come onto a note beside the page. What moves on a slide stands still." }.freeze

  def source(path) = Import::Slides.new(path, @asset)
end
