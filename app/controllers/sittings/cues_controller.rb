# Next, and Back, in a lesson that is held: from a board, the teacher's own view, or a phone as a remote.
class Sittings::CuesController < Sittings::BaseController
  before_action { raise Usher::Invalid, "This lesson is not held any more. Open Teach again." if sitting.ended? }

  def create
    given = params.permit(:id, :cue)
    answer sitting.cue(by: teacher, key: given[:id].to_s, id: given[:cue], during: Current.during)
  end

  def destroy = answer(sitting.cue_back(by: teacher, during: Current.during))

  private

  def answer(note) = render(json: { prompt: sitting.prompt_now, note: note })
end
