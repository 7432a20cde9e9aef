# The copies that students and groups write on, of the page the class looks at: all of them on a wall, one as a picture,
# one as a page.
class Sittings::CopiesController < Sittings::BaseController
  include Walls

  layout false

  def index = look

  # A star, or a pile.
  def note
    change_wall
    look
  end

  # A small picture of one.
  def show
    page = sitting.lesson.pages.find(params[:page])
    expires_in 0, public: false
    send_data page.thumbnail(copy), type: "image/png", disposition: :inline
  end

  # It becomes a page of the lesson, without a name.
  def update
    page = sitting.lesson.pages.find(params[:page])
    sitting.lesson.add_page(after: page, style: page.style.except("cues"), items: page.showing(Viewer.device(sitting, copy)).copied_items)
    head :no_content
  end

  private

  # Of the page that the wall shows, though the class may have been taken on meanwhile.
  def page = @page ||= params[:page] ? sitting.lesson.pages.find(params[:page]) : sitting.page

  def things = @things ||= PageCopy.of(sitting, page)
  def sorts = { "came" => nil, "most" => ->(copy) { -copy.changes } }

  def look
    page
    @wall = wall
    render :index
  end

  def copy = @copy ||= Layer.where(kind: %w[seat group]).where(seat: sitting.seats).or(Layer.where(kind: "group", sitting: sitting)).find(params[:id])
end
