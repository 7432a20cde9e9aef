# A Wall that is looked at, and what is done on it: a star for one, a pile for those that are ticked. Who includes it says
# `things`, and the `sorts` a Wall takes.
module Walls
  private

  def wall = Wall.new(things, sorts: sorts, asked: params, nameless: nameless?)
  def nameless? = false

  def change_wall
    return thing(params[:one]).star if params[:one]
    ticked = Array(params[:chosen]).grep(String)
    Walled.pile_up(things.select { |one| ticked.include?(one.key.to_s) }, (params[:pile].to_s.presence || wall.next_pile unless params[:apart]))
  end

  def thing(key) = things.find { |one| one.key.to_s == key.to_s } || raise(ActiveRecord::RecordNotFound)
end
