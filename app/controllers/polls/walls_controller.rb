# All answers to a poll, large.
class Polls::WallsController < Polls::BaseController
  include Walls

  def show = look

  def update
    change_wall
    look
  end

  private

  def things = @things ||= poll.answers.includes(:seat).order(:id).each { |answer| answer.association(:poll).target = poll }
  def nameless? = poll.anonymous?

  def sorts
    { "came" => nil, "length" => ->(answer) { answer.wall_words.length }, "alphabet" => ->(answer) { answer.wall_words.downcase } }
  end

  def look
    @wall = wall
    render :show
  end
end
