ENV["RAILS_ENV"] ||= "test"
require_relative "../config/environment"
require "rails/test_help"
require_relative "world"
require_relative "support/media"

Forked.off = true

class ActiveSupport::TestCase
  include World

  parallelize(workers: 2, threshold: 40) unless ENV["USHER_SERIAL"]
  # Also the items of late: numbers of pages come again here, as they do nowhere else.
  setup { [ Rails.cache, Live::Counts.store, Item.recent ].each(&:clear) && Live::Followers.forget_all }
end

class ActionDispatch::IntegrationTest
  include World::Doors

  # Refusals have pages, as outside of tests.
  def with_error_pages
    config = Rails.application.env_config
    before = config.slice("action_dispatch.show_exceptions", "action_dispatch.show_detailed_exceptions")
    config.merge!("action_dispatch.show_exceptions" => :all, "action_dispatch.show_detailed_exceptions" => false)
    yield
  ensure
    config.merge!(before)
  end
end
