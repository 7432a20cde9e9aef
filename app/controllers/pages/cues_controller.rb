# The prompt book of a page: what is prepared to happen on it.
class Pages::CuesController < Pages::BaseController
  layout false

  def index
    @chosen = page.prepared.then { |layer| Page::Surface.new(page, layer).find(Array(params.permit(ids: [])[:ids]).first(200)).values.map(&:item) }
    @prompt = page.prompt
  end

  # Tried out, and nothing is kept.
  def show = render(json: page.try_cue(params[:id].to_s))
end
