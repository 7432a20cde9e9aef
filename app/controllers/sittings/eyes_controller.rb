# Eyes here: the wall and all devices dim until the teacher lets them go.
class Sittings::EyesController < Sittings::BaseController
  def create = want(true)
  def destroy = want(false)

  private

  def want(on)
    raise Usher::Invalid, "This lesson is not held any more. Open Teach again." if sitting.ended?
    Live::Eyes.want(sitting, on)
    head :no_content
  end
end
