# A new page: like the one before, on a paper, in a layout, or from a starting point.
class Lessons::PagesController < Lessons::BaseController
  def create
    render json: { page: added.id }
  end

  private

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
    Page.transaction { kept.pages.each_with_index.map { |page, index| page.copy_into(lesson, position: page_shown.position + 1 + index) }.first }
  end
end
