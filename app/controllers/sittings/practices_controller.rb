# A practice class in a lesson that is held.
class Sittings::PracticesController < Sittings::BaseController
  layout false

  def show = nil

  def create
    Practice.begin(sitting, count: whole(:count), pace: params[:pace].to_s, wrong: whole(:wrong), door: door)
    render :show
  end

  def destroy
    Practice.finish(sitting)
    render :show
  end

  private

  def whole(name) = Integer(params[name].to_s, 10, exception: false)

  # The server's own port, whatever stands before it.
  def door
    socket = request.env["puma.socket"] or raise Usher::Invalid, "A practice class cannot come in here."
    plain = socket.respond_to?(:to_io) ? socket.to_io : socket
    Practice::Door.new(port: plain.local_address.ip_port, host: request.host_with_port, scheme: request.scheme, secure: socket.is_a?(OpenSSL::SSL::SSLSocket) || ENV.key?("USHER_CERT"))
  end
end
