# What a student's device asks for. Once the doors are shut there is nothing more.
class Seats::BaseController < ApplicationController
  for_students
  before_action { head :gone unless seat.let_in? }
  layout false

  private

  def sitting = seat.sitting
end
