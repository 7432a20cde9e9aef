class PicturesController < ApplicationController
  include Sandboxed
  for_teachers only: :create
  for_teachers_and_students only: :show

  def create
    picture = teacher.pictures.take_in(params[:file])
    render json: { picture: picture.id, width: picture.width, height: picture.height, name: picture.name }
  end

  def show
    picture = reach { |access| access.pictures.find_by(id: params[:id]) }
    sandbox
    send_data picture.file.download, type: picture.content_type, disposition: :inline
  end
end
