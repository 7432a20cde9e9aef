# A web address becomes a card: answers with the item. What the web outside knows of it is filled in.
class LinkCardsController < ApplicationController
  include AsksCore

  def create
    address = Usher::Invalid.about("The address") { Usher::Types::Address.new(schemes: %w[http https]).call(Usher::Page::Link.complete(asked["address"])) }
    page = Outside.web.page(address)
    render json: { item: { "kind" => "link_card", "address" => address, "title" => page&.title.to_s.truncate(200), "about" => page&.about.to_s.truncate(400), "picture" => picture(page)&.id }.compact }
  end

  private

  def picture(page)
    name, bytes = page&.picture && Outside.web.picture(page.picture)
    Picture.take_in_bytes(bytes, teacher: teacher, name: name, origin: "web:#{page.picture}") if bytes
  end
end
