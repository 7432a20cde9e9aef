# What can be done with the chosen things, and how they are now. Asked with many names, so it is a post;
# nothing is kept.
class Pages::ChoicesController < Pages::BaseController
  def create
    items = showing.items.where(key: Array(params[:ids]).first(Usher::Page::Operation::MAX_ITEMS)).map { |item| item.placed.item }
    sheet = render_to_string(partial: "board/chosen", formats: :html, locals: { page: page, chosen: Chosen.new(items) }) if items.any?
    render json: { sheet: sheet.to_s }
  end
end
