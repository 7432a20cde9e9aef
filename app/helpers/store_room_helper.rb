module StoreRoomHelper
  ICONS = { "picture" => "image", "sound" => "volume-2", "video" => "clapperboard", "pdf" => "file-text", "file" => "file", "set" => "shapes" }.freeze

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
      name, bytes = Outside.web.picture(image["src"])
      bytes ? image["src"] = "data:image/svg+xml;base64,#{Base64.strict_encode64(Usher::Formats::Svg::Reader.read(bytes).svg)}" : image.remove
      image["alt"] = image["alt"].presence || name.to_s
    end
    document.to_html.html_safe
  end
end
