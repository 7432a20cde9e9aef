source "https://rubygems.org"

ruby ">= 3.1"

# The heart of the job: plain Ruby, no Rails inside.
gem "usher-core", path: "core"

gem "rails", "~> 7.2.2"
gem "puma", ">= 6"
gem "sqlite3", "~> 2.0"
gem "propshaft", "~> 1.1"
gem "importmap-rails", "~> 2.0"
gem "solid_queue", "~> 1.1"
gem "redis", ">= 4.0.1", require: false
gem "bcrypt", "~> 3.1"
gem "zxcvbn", "~> 1.0", require: false # how easily a password is guessed
gem "lograge", "~> 0.14" # a line of JSON a request
gem "prometheus-client", ">= 4", require: false
gem "rotp", "~> 6.3", require: false # codes of an app as a second factor
gem "openid_connect", "~> 2.3", require: false # signing in by the school's own accounts
gem "litestream", "~> 0.12", require: false # copies the database while it changes
gem "ruby-vips", "~> 2.2"
gem "websocket-driver", "~> 0.7" # what Action Cable speaks with; the practice class speaks it from the other side
gem "rqrcode", "~> 3.0"
gem "bootsnap", require: false
gem "parallel", "~> 1.26", require: false # the library of drawings is built by every core
gem "irb", "< 1.17", require: false # later ones compile prism, half a minute at set-up

group :development, :test do
  gem "rubocop-rails-omakase", require: false
  gem "brakeman", require: false
end

group :test do
  gem "minitest", "< 6"
  gem "capybara", "~> 3.40"
  gem "selenium-webdriver", "~> 4.20"
  gem "websocket", require: false
end
