class PicturesController < ApplicationController
  for_teachers only: :create
  for_teachers_and_students only: :show

  def create
    picture = teacher.pictures.take_in(params[:file])
    render json: { picture: picture.id, width: picture.width, height: picture.height, name: picture.name }
  end

  def show
    picture = reach { |access| access.pictures.find_by(id: params[:id]) }
    expires_in 1.year, public: false
    response.headers["Content-Security-Policy"] = "default-src 'none'; sandbox"
    response.headers["X-Content-Type-Options"] = "nosniff"
    send_data picture.file.download, type: picture.content_type, disposition: :inline
  end
end
