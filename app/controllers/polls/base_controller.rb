# What belongs to one poll of the teacher who asks.
class Polls::BaseController < ApplicationController
  for_teachers
  layout false
  before_action :poll

  private

  def poll = @poll ||= access.polls.find(params[:poll_id])
end
