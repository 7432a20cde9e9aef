class Takes::VoicesController < Takes::BaseController
  include Streams

  def show = take.voice.attached? ? stream(take.voice) : head(:not_found)
end
