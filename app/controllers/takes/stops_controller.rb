class Takes::StopsController < Takes::BaseController
  def create
    raise Usher::Invalid, "This take has been stopped." unless take.recording?
    take.stop(Usher::Types::Number.new(0..Take::LONGEST, digits: 0).call(Integer(params[:ms], exception: false)), trail: params[:trail] || [])
    respond_to do |format|
      format.json { render json: { take: take.id, at: take_path(take) } }
      format.html { redirect_to take_path(take), status: :see_other }
    end
  end
end
