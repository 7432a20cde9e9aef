# A teacher's question bank: what is in it, and questions drawn from it.
class BanksController < ApplicationController
  for_teachers
  layout false

  SHOWN = 100

  # As a list, or (draw) so many questions about something as parts of a sheet.
  def show
    return draw if params[:draw]
    @topics, @found = teacher.bank_questions.topics, teacher.bank_questions.about(params[:about]).order(id: :desc).limit(SHOWN)
    render partial: (params[:part] == "questions" ? "questions" : "bank")
  end

  def create
    activity = access.activities.find(params[:activity_id])
    added = teacher.bank_questions.take_in(activity, subject: params[:subject], tags: params[:tags])
    render plain: added.zero? ? "All of them are in your bank already." : "#{helpers.pluralize(added, 'question')} kept in your bank."
  end

  private

  def draw
    found = teacher.bank_questions.about(params[:about])
    found = found.where(kind: params[:kind].to_s) if params[:kind].present?
    parts = found.draw(Integer(params[:count].to_s, 10, exception: false) || 1, except: Array(params[:except]).map { |id| id.to_s.to_i })
    render json: parts.map { |part| helpers.part_json(part[:kind], params[:about].to_s.squish.presence&.upcase_first || Usher::Activities.registry.fetch(part[:kind]).title, part[:content], part[:ids]) }
  end
end
