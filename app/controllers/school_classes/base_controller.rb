# What belongs to one class of the teacher who asks.
class SchoolClasses::BaseController < ApplicationController
  for_teachers
  before_action :school_class

  private

  def school_class = @school_class ||= access.school_classes.find(params[:school_class_id])
end
