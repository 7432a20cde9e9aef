# What belongs to one take of the teacher who asks.
class Takes::BaseController < ApplicationController
  for_teachers

  private

  def take = @take ||= access.takes.find(params[:take_id])
end
