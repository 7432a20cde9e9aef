# The film of a take from a moment on, as far as its chunk goes (Usher::Takes::Film#from); the player asks for the
# next one in time.
class Takes::FilmsController < Takes::BaseController
  AT = Usher::Types::Number.new(0..Take::LONGEST, digits: 0)

  def show
    return head(:not_found) unless take.ready?
    at = Usher::Invalid.about("The moment") { AT.call(Float(params[:at] || 0, exception: false)) }
    render json: JSON.generate(take.film.from([ at, take.length_ms ].min))
  end
end
