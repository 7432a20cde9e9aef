# All answers to a poll, large: sorted, grouped, starred, one or two of them alone; names only where the teacher asks.
class Polls::WallsController < Polls::BaseController
  SORTS = %w[came length alphabet].freeze

  def show = look

  # A star given or taken away; those that are ticked put together, or apart.
  def update
    if params[:answer] then poll.answers.find(params[:answer]).then { |answer| answer.update!(starred: !answer.starred) }
    else poll.pile(Array(params[:chosen]).grep(String), params[:apart] ? nil : params[:pile].to_s.presence || next_pile)
    end
    look
  end

  private

  def next_pile = (1..).lazy.map { |number| "Pile #{number}" }.find { |name| poll.piles.exclude?(name) }

  def look
    @names = params[:names] == "1" && !poll.anonymous?
    @sort = SORTS.include?(params[:sort]) ? params[:sort] : "came"
    @large = Array(params[:large]).filter_map { |number| Integer(number, exception: false) }.first(2)
    @starred = params[:starred] == "1"
    @answers = sorted(poll.answers.includes(:seat).order(:id).select { |answer| !@starred || answer.starred })
    render :show
  end

  # Answers alike in words stand together but for their order of coming.
  def sorted(answers)
    { "came" => ->(all) { all }, "length" => ->(all) { all.sort_by { |answer| [ poll.core.words(answer.value).length, answer.id ] } },
      "alphabet" => ->(all) { all.sort_by { |answer| [ poll.core.words(answer.value).downcase, answer.id ] } } }.fetch(@sort).call(answers)
  end
end
