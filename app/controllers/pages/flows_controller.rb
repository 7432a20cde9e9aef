# A long text over as many pages as it takes: first how many those would be, then, if that is wished, on them.
class Pages::FlowsController < Pages::BaseController
  include AsksCore

  before_action :page # whose page it is comes before what was sent

  def create
    flow = Page::Flow.new(page, asked)
    patch = flow.lay(id: asked["id"], by: teacher, **circumstances(asked)) if asked["id"]
    render json: { pages: flow.pages, words: flow.words, patches: [ patch&.for(showing.viewer) ].compact }
  end
end
