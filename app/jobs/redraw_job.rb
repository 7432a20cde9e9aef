# Pages that an older renderer drew.
class RedrawJob < ApplicationJob
  def perform = Page.undrawn.find_each(&:redraw)
end
