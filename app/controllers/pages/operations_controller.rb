# What a board did on a page, in order.
class Pages::OperationsController < Pages::BaseController
  include SentOperations

  before_action :page # whose page it is comes before what was sent

  def create
    patch = nil
    answer = each_sent do |one|
      patch = page.perform(one["operation"], id: one["id"], by: teacher, **circumstances(one))
      patch.for(showing.viewer).merge({ said: patch.note }.compact)
    end
    render json: JSON.generate({ **answer, can: steps_after(patch) }) # drawings can be long: written by the json library itself
  end
end
