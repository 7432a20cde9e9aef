# One student of a class: the name, another code, taken out.
class SchoolClasses::StudentsController < SchoolClasses::BaseController
  def update
    params[:code] ? student.renew_code : student.update!(name: params[:name])
    redirect_to school_class, status: :see_other
  rescue ActiveRecord::RecordInvalid => error
    redirect_to school_class, alert: error.record.errors.map(&:message).join(" "), status: :see_other
  end

  def destroy
    student.destroy!
    redirect_to school_class, notice: "#{student.name} is not in the class any more.", status: :see_other
  end

  private

  def student = @student ||= school_class.students.find(params[:id])
end
