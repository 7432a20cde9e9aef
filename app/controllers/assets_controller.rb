# Files, sounds and videos that items open.
class AssetsController < ApplicationController
  include Sandboxed, Streams
  for_teachers only: :create
  for_teachers_and_students only: :show

  def create
    asset = teacher.assets.take_in(params[:file])
    render json: { to: asset.kind, asset: asset.id, name: asset.name }
  end

  # A file is handed on, never shown in Usher's own origin.
  def show
    asset = reach { |access| access.assets.find_by(id: params[:id]) }
    sandbox
    stream asset.file, disposition: asset.kind == "file" ? :attachment : :inline
  end
end
