# What belongs to one thing in the store room of the teacher who asks.
class Assets::BaseController < ApplicationController
  for_teachers

  private

  def asset = @asset ||= access.assets.find(params[:stored_file_id])
end
