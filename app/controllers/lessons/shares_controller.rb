class Lessons::SharesController < Lessons::BaseController
  layout false

  def show = render_share

  def create
    Share.of(lesson)
    render_share
  end

  def destroy
    lesson.shares.standing.where(sitting: nil).each(&:withdraw)
    render_share
  end

  private

  def render_share
    share = lesson.share
    render "lessons/shares/show", locals: { share: share, address: share && SchoolAddress.new(request).share(share) }
  end
end
