require "ipaddr"

module Doors
  # What a proxy says about whoever asks (address, host, scheme) is believed only when it comes from a proxy that is
  # known: anybody can write such a header. Nobody is known by default.
  class Proxies
    SAID = %w[FORWARDED X_FORWARDED_FOR X_FORWARDED_HOST X_FORWARDED_PORT X_FORWARDED_PROTO X_FORWARDED_SCHEME X_FORWARDED_SSL CLIENT_IP X_REAL_IP].map { |name| "HTTP_#{name}" }.freeze

    # given: addresses and ranges with commas between, such as "10.0.0.2, 192.168.4.0/24". Raises IPAddr::Error.
    def self.read(given) = given.to_s.split(",").map { |address| IPAddr.new(address.strip) }

    # known: IPAddr of proxies.
    def initialize(app, known)
      @app, @known = app, known
    end

    def call(env)
      SAID.each { |name| env.delete(name) } unless known?(env["REMOTE_ADDR"])
      @app.call(env)
    end

    private

    def known?(address)
      @known.any? && (ip = IPAddr.new(address.to_s)) && @known.any? { |proxy| proxy.include?(ip) }
    rescue IPAddr::Error
      false # a socket of this machine has no address
    end
  end
end
