# A colleague gets the class, too; or the teacher who asks leaves it.
class SchoolClasses::TeachersController < SchoolClasses::BaseController
  # Who has an account here is not said.
  def create
    school_class.share_with(params[:address])
    redirect_to school_class, notice: "If somebody here has that address, the class is theirs, too.", status: :see_other
  end

  # The last one cannot leave; they can delete it.
  def destroy
    raise Usher::Invalid, "Nobody else has this class. Delete it, if it is not needed." if school_class.teachers.one?
    school_class.class_teachers.where(teacher: teacher).delete_all
    redirect_to school_classes_path, notice: "“#{school_class.title}” is not among your classes any more.", status: :see_other
  end
end
