# This file is used by Rack-based servers to start the application.

require_relative "config/environment"
require_relative "lib/data_folder"
Live::Relay.listen
Leftovers.take_back if Rails.env.production? && DataFolder.alone?

run Rails.application
Rails.application.load_server
