class Takes::ReelsController < Takes::BaseController
  def show
    return head(:not_found) unless take.ready?
    render json: take.reel.download
  end
end
