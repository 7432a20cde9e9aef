class TeachersController < ApplicationController
  layout "plain"
  rate_limit to: 10, within: 10.minutes, only: :create, by: -> { request.remote_ip }, store: Live::Counts.store,
    with: -> { redirect_to new_teacher_path, alert: "Too many tries. Wait ten minutes, then try again." }

  def new = @teacher = Teacher.new

  def create
    @teacher = Teacher.new(params.permit(teacher: %i[name email password]).fetch(:teacher))
    if @teacher.save
      passes.admit(@teacher)
      redirect_to root_path, notice: "Welcome. Start with a new lesson, or a blank board."
    else
      render :new, status: :unprocessable_entity
    end
  end
end
