class Takes::VoicePiecesController < Takes::BaseController
  def create
    sound = request.body.read(Take::Voice::LARGEST_PIECE + 1).to_s
    take.keep_piece(Integer(params[:number], exception: false), sound)
    head :created
  end
end
