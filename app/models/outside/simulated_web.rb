# A small web of a harbour town: a few hosts with a few pages, kept in db/outside/web/<host>/<path>.html.
class Outside::SimulatedWeb
  # html: its body; pictures in it have addresses of the same web.
  Page = Struct.new(:address, :title, :about, :picture, :html)

  def simulated? = true
  def start = "https://gullpoint.example/"

  # The page at an address, or nil.
  def page(address)
    path = file(address) or return
    document = Nokogiri::HTML5(path.read)
    complete(document, address)
    Page.new(address, document.at_css("title")&.text.to_s, document.at_css("meta[name=description]")&.[]("content").to_s, document.at_css("meta[name=picture]")&.[]("content"), document.at_css("body").inner_html)
  end

  # The picture at an address: [name, bytes], or nil.
  def picture(address)
    name = address[%r{\Ahttps://[a-z.]+\.example/pictures/([a-z-]+)\.svg\z}, 1] or return
    found = Outside.picture_search.fetch(name) and [ "#{found.title}.svg", found.bytes ]
  end

  private

  # Only names that lie in the folder: an address is never a way out of it.
  def file(address)
    host, path = address.to_s.match(%r{\Ahttps?://([a-z.-]+\.example)/?([a-z-]*)\z})&.captures
    host && known["#{host}/#{path.presence || 'index'}"]
  end

  def known
    @known ||= Outside::ROOT.join("web").glob("*/*.html").index_by { |path| "#{path.dirname.basename}/#{path.basename('.html')}" }
  end

  def complete(document, address)
    document.css("a[href], img[src]").each do |element|
      name = element.name == "a" ? "href" : "src"
      element[name] = URI.join(address, element[name]).to_s
    end
    document.css("meta[name=picture]").each { |element| element["content"] = URI.join(address, element["content"]).to_s }
  end
end
