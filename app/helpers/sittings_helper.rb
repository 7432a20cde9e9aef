module SittingsHelper
  # "42 min", as long as boards showed it.
  def minutes_taught(sitting) = "#{(sitting.taught / 60).round} min"

  # A page, small, as a class left it.
  def sitting_thumbnail(sitting, page)
    tag.img(src: sitting_page_thumbnail_path(sitting, page, v: page.seq), alt: "Page #{page.number}, #{sitting.name}", width: page.width.round, height: page.height.round, loading: "lazy", draggable: "false")
  end
end
