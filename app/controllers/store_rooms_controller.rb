# The store room: as a page of the desk, or as a list beside a page (htmx).
class StoreRoomsController < ApplicationController
  for_teachers

  def show
    @room = StoreRoom.new(teacher)
    @shelf = @room.shelf(params[:shelf])
    @query, @folder = params[:q].to_s.squish[0, 80], params[:folder].to_s[0, 200].presence
    @kind = params[:kind].presence_in(Asset::Kinds::ALL.keys)
    @as_list, @on_board = params[:view] == "list", params[:board].present?
    @listing = @shelf.list(query: @query, folder: @folder, kind: @kind)
    render partial: (params[:part] == "things" ? "things" : "room") if htmx?
  end
end
