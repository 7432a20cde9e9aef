# The classes of the teacher who asks.
class SchoolClassesController < ApplicationController
  for_teachers
  before_action :school_class, except: %i[index create]

  LARGEST = 10.megabytes # of a roster

  def index = @classes = access.school_classes.by_title.includes(:students)

  def show = nil

  # A list that was typed or pasted, or a roster.
  def create
    return take_roster if params[:roster].present?
    made = SchoolClass.begin(teacher, title: params[:title], names: params[:names])
    redirect_to made, notice: "“#{made.title}” has #{helpers.count_of(made.students.count, 'student')}.", status: :see_other
  rescue Usher::Invalid => error
    @classes, @title, @names = access.school_classes.by_title.includes(:students), params[:title], params[:names]
    flash.now[:alert] = error.message
    render :index, status: :unprocessable_entity
  end

  def update
    school_class.update!(params.permit(:title, :delete_on))
    added = params[:names].present? ? school_class.add(params[:names]) : nil
    redirect_to school_class, notice: ("#{helpers.count_of(added, 'student')} came in." if added), status: :see_other
  rescue ActiveRecord::RecordInvalid => error
    redirect_to school_class, alert: error.record.errors.map(&:message).join(" "), status: :see_other
  end

  def destroy
    school_class.forget
    Entry.note("deleted", who: teacher, about: school_class.title, request: request)
    redirect_to school_classes_path, notice: "“#{school_class.title}” is deleted, with its students.", status: :see_other
  end

  private

  def school_class = @school_class ||= access.school_classes.find(params[:id])

  def take_roster
    made = SchoolClass.take_in(teacher, files_of(params[:roster]))
    redirect_to (made.one? ? made.first : school_classes_path), notice: "#{helpers.count_of(made.size, 'class')} came in.", status: :see_other
  end

  # { name => text } of what was uploaded: CSV files, or one ZIP of them.
  def files_of(sent)
    files = Array(sent).grep(ActionDispatch::Http::UploadedFile).first(10)
    raise Usher::Invalid, "Choose the files of the roster first." if files.empty?
    raise Usher::Invalid, "A roster has at most #{LARGEST / 1.megabyte} MB." if files.sum(&:size) > LARGEST
    files.flat_map { |file| file.original_filename.downcase.end_with?(".zip") ? Usher::Formats::Zip.texts(file.path, "csv", most: LARGEST).to_a : [ [ file.original_filename, file.read ] ] }.to_h
  end
end
