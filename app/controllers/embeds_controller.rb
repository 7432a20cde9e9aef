# Embed code or an address becomes a framed page: answers with the item.
class EmbedsController < ApplicationController
  include AsksCore

  def create
    code = asked["code"]
    raise Usher::Invalid, "Paste embed code or a web address." unless code.is_a?(String) && code.present?
    read = Usher::Formats::Html::Embed.read(code)
    page = Outside.web.page(read.address)
    title = read.title.presence || page&.title.to_s
    render json: { item: { "kind" => "framed", "address" => read.address, "title" => title.truncate(200), "width" => read.width, "height" => read.height }.compact, host: URI(read.address).host, allowed: page.present? || teacher.frames?(read.address) }
  end
end
