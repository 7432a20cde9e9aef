# A page of the web outside, cleaned, to be read and taken from beside a page.
class StoreRooms::WebsController < ApplicationController
  for_teachers

  def show
    @address = params[:address].presence || Outside.web.start
    @page = Outside.web.page(Usher::Page::Link.complete(@address).to_s[0, 2_000])
    @html = Usher::Formats::Html::Article.clean(@page.html) if @page
    render partial: "store_rooms/web", layout: false
  end
end
