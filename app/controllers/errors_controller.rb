class ErrorsController < ApplicationController
  layout "plain"
  skip_forgery_protection

  SENTENCES = {
    400 => [ "That did not arrive whole", "Go back and try again. Nothing was changed." ],
    404 => [ "That is not here", "The address may be mistyped, or it belongs to somebody else." ],
    406 => [ "Not in that form", "Usher has this, but not in the form that was asked for." ],
    422 => [ "That could not be done", "Go back, check what you sent, and try again. Nothing was changed." ],
    429 => [ "Too many tries", "Wait a few minutes, then try again." ],
    500 => [ "Something broke in Usher", "What was kept is still kept. Go back and try again." ]
  }.freeze

  def show
    code = params[:code].to_i
    @title, @sentence = SENTENCES.fetch(code) { SENTENCES[422] }
    respond_to do |format|
      format.json { render json: { error: @sentence }, status: code }
      format.any { render :show, formats: :html, status: code }
    end
  end
end
