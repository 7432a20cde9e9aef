# What Usher keeps of whom, where and for how long, from the settings as they are. For everybody.
class PrivaciesController < ApplicationController
  layout "plain"

  def show
    @school = School.current
    @leaves = [ ("the letters it writes, which go through the mail server of your school" unless ActionMailer::Base.delivery_method == :letters),
      ("a copy of everything it keeps in its database, which goes to the store your school has set" if ENV["USHER_COPY"].to_s.start_with?("s3://")) ].compact
  end
end
