class ShutForgottenDoorsJob < ApplicationJob
  def perform = Sitting.forgotten.find_each(&:shut)
end
