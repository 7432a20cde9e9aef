# A class's going through a lesson, looked at afterwards: page by page, beside another's if wanted.
class SittingsController < ApplicationController
  for_teachers

  before_action { @sitting = access.sittings.find(params[:id]) }

  def show
    @others = @sitting.lesson.sittings.kept.where.not(id: @sitting.id).limit(100)
    @other = @others.find { |other| other.id == params[:beside].to_s.to_i }
    @share = @sitting.shares.standing.first
    @address = @share && SchoolAddress.new(request).share(@share)
    touched = [ @sitting, *@other ].map(&:touched_pages)
    @pages = @sitting.lesson.pages.where(id: touched.flat_map(&:ids))
  end

  def update
    @sitting.update!(params.permit(sitting: [ :title ]).require(:sitting))
    redirect_to @sitting, status: :see_other, notice: "Kept."
  end

  # With the names and answers of those who were in.
  def destroy
    raise Usher::Invalid, "This class is being taught. End the lesson first." unless @sitting.ended?
    Entry.note("deleted", who: teacher, about: "a class of #{@sitting.lesson.title}", request: request)
    @sitting.destroy!
    redirect_to lesson_path(@sitting.lesson), status: :see_other
  end
end
