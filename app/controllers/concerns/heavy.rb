# Actions that cost more than an answer may: they go through one bottleneck for the whole server (Bottleneck).
module Heavy
  extend ActiveSupport::Concern

  WAY = Bottleneck.new(at_once: 2, waiting: 2, each: 3, patience: 10)
  BUSY = "Usher has much to do just now. Try that again in a minute.".freeze

  included do
    rescue_from(Bottleneck::Full) do
      response.headers["Retry-After"] = "30"
      refuse(BUSY, status: :too_many_requests)
    end
  end

  class_methods do
    def heavy(**options) = around_action(:wait_for_turn, **options)
  end

  private

  def wait_for_turn(&) = WAY.pass(teacher || seat || request.remote_ip, &)
end
