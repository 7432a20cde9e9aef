# Actions that cost more than an answer may: they go through one bottleneck for the whole server (Bottleneck).
module Heavy
  extend ActiveSupport::Concern

  WAY = Bottleneck.new(at_once: 2, waiting: 2, each: 3, patience: 10)
  AGAIN = 5 # seconds
  BUSY = "Usher has much to do just now. Try that again in a minute.".freeze

  included do
    rescue_from(Bottleneck::Full) { busy }
  end

  class_methods do
    def heavy(**options) = around_action(:wait_for_turn, **options)
  end

  private

  def wait_for_turn(&work) = WAY.pass(teacher || seat || request.remote_ip) { Background.run(&work) }

  # A browser that was shown a page comes again by itself.
  def busy
    response.headers["Retry-After"] = AGAIN.to_s
    return refuse(BUSY, status: :too_many_requests) if !request.get? || htmx? || request.format.json?
    response.headers["Refresh"] = AGAIN.to_s
    render plain: "#{BUSY.delete_suffix(' Try that again in a minute.')} This page loads again by itself.", status: :too_many_requests
  end
end
