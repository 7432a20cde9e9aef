# What a student's device asks for. Once the doors are shut there is nothing more.
class Seats::BaseController < ApplicationController
  for_students
  before_action { head :gone unless sitting.open? }
  layout false

  private

  def sitting = seat.sitting
end
