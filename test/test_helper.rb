ENV["RAILS_ENV"] ||= "test"
require_relative "../config/environment"
require "rails/test_help"
require_relative "world"
require_relative "support/media"

Forked.off = true

class ActiveSupport::TestCase
  include World

  parallelize(workers: 2, threshold: 40) unless ENV["USHER_SERIAL"]
  setup { [ Rails.cache, Live::Counts.store ].each(&:clear) && Live::Followers.forget_all }
end

class ActionDispatch::IntegrationTest
  include World::Doors
end
