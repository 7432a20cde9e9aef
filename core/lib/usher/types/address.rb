require "uri"

module Usher
  module Types
    # An address that is safe to open from a page: http, https or mailto (or only some of them), at most
    # 2,000 characters.
    class Address
      SCHEMES = %w[http https mailto].freeze

      def initialize(schemes: SCHEMES)
        @schemes = schemes
      end

      def call(value)
        raise Invalid, "must be a web address" unless value.is_a?(String) && value.length <= 2_000 && value.match?(/\A[[:print:]&&[^\s"<>]]+\z/)
        uri = URI.parse(URI::DEFAULT_PARSER.escape(value))
        return value if @schemes.include?(uri.scheme&.downcase) && (uri.host.to_s != "" || uri.scheme.casecmp?("mailto"))
        raise Invalid, "must begin with #{@schemes.map { |scheme| scheme == 'mailto' ? 'mailto:' : "#{scheme}://" }.join(', ').sub(/, (?!.*, )/, ' or ')}"
      rescue URI::InvalidURIError
        raise Invalid, "is not a web address"
      end
    end
  end
end
