# The log's door: a board sends what was done, in order; each is kept or refused by itself.
class Pages::OperationsController < Pages::BaseController
  include Recorded

  MAX = 50

  def create
    sent = params[:operations]
    raise Usher::Invalid, "Send 1 to #{MAX} operations." unless sent.is_a?(Array) && sent.size.between?(1, MAX)
    render json: { **perform_all(sent.map { |one| plain(one) }), can: { undo: page.undoable(teacher).present?, redo: page.redoable(teacher).present? } }
  end

  private

  # Those before a refused one are kept; the browser hears which one was refused and why.
  def perform_all(sent)
    patches = []
    sent.each do |one|
      patches << page.perform(one["operation"], id: one["id"], by: teacher, during: during(one)).to_h
    rescue Usher::Invalid => error
      return { patches: patches, refused: { id: one["id"], error: error.message } }
    end
    { patches: patches }
  end

  def plain(one)
    raise Usher::Invalid, "An operation must come as a set of named values." unless one.is_a?(ActionController::Parameters)
    one.to_unsafe_h
  end
end
