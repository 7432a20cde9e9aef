# This file is used by Rack-based servers to start the application.

require_relative "config/environment"
Leftovers.take_back if Rails.env.production?

run Rails.application
Rails.application.load_server
