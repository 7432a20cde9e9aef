require "socket"

# The address students and readers type. A teacher at the school's own machine says "localhost",
# which means nothing on a phone: then the machine's address in its network is given.
class SchoolAddress
  include Rails.application.routes.url_helpers

  LOCAL = %w[localhost 127.0.0.1 0.0.0.0 ::1 [::1]].freeze

  def initialize(request)
    @request = request
  end

  def join(sitting_code = nil) = join_url(code: sitting_code, **options)
  def prompter(sitting) = sitting_prompter_url(sitting, **options)
  def share(share) = shared_url(token: share.token, **options)

  private

  def options
    return { host: URI(ENV["USHER_URL"]).host, port: URI(ENV["USHER_URL"]).port, protocol: URI(ENV["USHER_URL"]).scheme } if ENV["USHER_URL"].present?
    { host: host, port: @request.optional_port, protocol: @request.protocol }
  end

  def host
    return @request.host unless LOCAL.include?(@request.host)
    Socket.ip_address_list.find { |address| address.ipv4_private? }&.ip_address || @request.host
  end
end
