# A new page: like the one before, on a paper, in a layout, or from a starting point.
class Lessons::PagesController < Lessons::BaseController
  # All of them at a glance, to choose several.
  def index = render(partial: "lessons/pages", formats: :html, locals: { lesson: lesson, current: page_shown, others: access.lessons.on_desk.where.not(id: lesson.id).newest.limit(200) })

  def create
    render json: { page: added.id }
  end

  # Several at once; each comes back by Pages::Returns.
  def destroy
    lesson.bin_pages(chosen)
    head :no_content
  end

  private

  def chosen = lesson.pages.where(id: Array(params[:pages]).first(500)).to_a

  def added
    return lesson.add_page(after: page_shown, style: style_with_paper) if params[:paper]
    return lesson.add_page(after: page_shown, style: {}, items: layout.items { SecureRandom.alphanumeric(20) }) if params[:layout]
    return started if params[:start]
    lesson.add_page(after: page_shown)
  end

  def style_with_paper = Usher::Page::Style.check("paper" => params[:paper])

  def layout = Usher::Page::Layouts.registry.fetch(params[:layout])

  # All pages of a starting point, one behind the other; the first of them is turned to.
  def started
    kept = access.lessons.starting_points.find(params[:start])
    Page.copy_all(kept.pages.to_a, lesson, position: page_shown.position + 1).first
  end
end
