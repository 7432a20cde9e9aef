# What a page's paper says and where, so that it can be chosen: [[left, top, width, height, words], ...] in
# page units.
class Pages::LinesController < Pages::BaseController
  def show = render(json: { lines: page.paper_lines })
end
