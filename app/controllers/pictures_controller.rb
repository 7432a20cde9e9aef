class PicturesController < ApplicationController
  include Sandboxed, Heavy
  for_teachers only: :create
  for_teachers_and_students only: :show
  heavy only: :create

  def create
    asset = teacher.assets.take_in(params[:file], only: "Picture")
    picture = asset.picture
    render json: { picture: picture.id, width: picture.width, height: picture.height, name: picture.name, asset: asset.id, said: picture.left_out }.compact
  end

  # Devices get the middle version, which is a fraction of the bytes.
  def show
    picture = reach { |access| access.picture(request.path) }
    sandbox
    send_data picture.version(teacher ? params[:size].to_s : "medium").download, type: picture.content_type, disposition: :inline
  end
end
