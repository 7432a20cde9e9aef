# Asks the class.
class Lessons::PollsController < Lessons::BaseController
  GIVEN = %i[count choices several steps low high unit right tolerance most things].freeze

  FIELDS = %w[letters choices scale number words order].freeze # the kinds that want to know more

  layout false
  before_action :lesson

  # What a kind wants to know.
  def new
    @kind = params[:kind].to_s
    @core = Usher::Polls.registry.fetch(@kind)
    @fields = FIELDS.find { |kind| kind == @kind }
    @sitting = open_sitting
  end

  def create
    raise Usher::Invalid, "Open the doors first, so that the class can answer." unless open_sitting
    @poll = params[:again] ? Poll.again(open_sitting.polls.find(params[:again])) : ask
    render "polls/show"
  end

  private

  def ask
    kind, given = params[:kind].presence || "letters", params.permit(*GIVEN).to_h
    Poll.ask(open_sitting, kind, { "count" => params[:letters] }.compact.merge(given), question: params[:question].to_s, anonymous: params[:anonymous] == "1",
      seats: open_sitting.whom(params[:to]))
  end
end
