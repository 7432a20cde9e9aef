# Actions that cost more than an answer may: they go through one bottleneck for the whole server (Bottleneck), and are done
# in a process of their own (Forked).
module Heavy
  extend ActiveSupport::Concern

  WAY = Bottleneck.new(at_once: 2, waiting: 2, each: 3, patience: 10)
  AGAIN = 5 # seconds
  BUSY = "Usher has much to do just now. Try that again in a minute.".freeze

  included do
    rescue_from(Bottleneck::Full) { busy }
    rescue_from(Forked::Failed) { refuse("That took more time or memory than Usher gives it. Nothing was changed.") }
  end

  class_methods do
    def heavy(**options) = around_action(:answer_from_afar, **options)
  end

  private

  # What programs of the system do, that are processes of their own already.
  def wait_for_turn(&) = WAY.pass(teacher || seat || request.remote_ip, &)

  # What Ruby does.
  def wait_apart(&work) = wait_for_turn { Forked.run(&work) }

  # The whole action is done elsewhere; what it answered is answered here.
  def answer_from_afar
    status, headers, body = wait_apart do
      yield
      [ response.status, response.headers.to_h, response_body ]
    end
    return if performed? # in this process
    response.status = status
    response.headers.merge!(headers)
    self.response_body = body
  end

  # A browser that was shown a page comes again by itself.
  def busy
    response.headers["Retry-After"] = AGAIN.to_s
    return refuse(BUSY, status: :too_many_requests) if !request.get? || htmx? || request.format.json?
    response.headers["Refresh"] = AGAIN.to_s
    render plain: "#{BUSY.delete_suffix(' Try that again in a minute.')} This page loads again by itself.", status: :too_many_requests
  end
end
