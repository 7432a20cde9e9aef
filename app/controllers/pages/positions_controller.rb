class Pages::PositionsController < Pages::BaseController
  def update
    number = Integer(params[:number], exception: false)
    raise Usher::Invalid, "Say which place the page goes to." unless number
    page.move_to(number)
    head :no_content
  end
end
