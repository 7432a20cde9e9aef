# What lies in the store room, and the files, sounds and videos that items open.
class AssetsController < ApplicationController
  include Sandboxed, Streams, Heavy
  for_teachers except: :show
  for_teachers_and_students only: :show
  heavy only: :create

  def create
    asset = teacher.assets.take_in(params[:file], folder: params[:folder].to_s)
    render json: { to: asset.kind, paged: asset.paged?, asset: asset.id, name: asset.name, state: asset.state, picture: asset.picture_id, said: asset.picture&.left_out }.compact
  end

  # A file is handed on, never shown in Usher's own origin; what plays is streamed.
  def show
    asset = reach { |access| access.assets.find_by(id: params[:id]) }
    file = asset.film? ? asset.playing(device: teacher.nil?) : asset.original
    raise ActiveRecord::RecordNotFound unless file&.attached?
    sandbox
    stream file, disposition: asset.film? ? :inline : :attachment
  end

  def update
    teacher.assets.here.find(params[:id]).update!(params.permit(:name, :folder))
    head :no_content
  end

  def destroy
    teacher.assets.here.find(params[:id]).put_away
    head :no_content
  end
end
