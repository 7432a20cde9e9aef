class TakeOverJob < ApplicationJob
  def perform = Leftovers.take_over
end
