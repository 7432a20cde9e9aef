class TakeJob < ApplicationJob
  def perform(take) = take.make
end
