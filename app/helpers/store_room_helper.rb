module StoreRoomHelper
  ICONS = { "picture" => "image", "sound" => "volume-2", "video" => "clapperboard", "pdf" => "file-text", "slides" => "presentation", "file" => "file", "set" => "shapes" }.freeze

  # A page of the web that was cleaned (Usher::Formats::Html::Article), for reading in a panel: its links load
  # here, its pictures can be taken.
  def web_article(html)
    document = Nokogiri::HTML5.fragment(html)
    document.css("a[href]").each do |link|
      link["hx-get"], link["hx-target"], link["hx-swap"] = store_room_web_path(address: link["href"]), "closest [data-store]", "outerHTML"
      link["href"] = "#"
    end
    document.css("img[src]").each do |image|
      image["data-web-picture"], image["tabindex"], image["role"] = image["src"], "0", "button"
      shown = Outside.picture_address(image["src"])
      shown ? image["src"] = shown : image.remove
      image["alt"] = image["alt"].presence || "A picture of this page"
    end
    document.to_html.html_safe
  end
end
