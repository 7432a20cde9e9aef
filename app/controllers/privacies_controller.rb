# What Usher keeps of whom, where and for how long, from the settings as they are. For everybody.
class PrivaciesController < ApplicationController
  layout "plain"

  def show = @school = School.current
end
