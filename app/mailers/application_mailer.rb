class ApplicationMailer < ActionMailer::Base
  default from: ENV.fetch("USHER_MAIL_FROM", "usher@localhost")
  layout false
end
