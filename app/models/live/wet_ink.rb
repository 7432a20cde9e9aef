# A piece of a stroke that is still being drawn, on its way from the teacher's board to everybody
# else. Checked at the edge; only what was checked goes on.
class Live::WetInk
  MAX = 120
  POINTS = Usher::Types::List.new(
    ->(point) { Usher::Types::Points.new.call([ point ]).first }, 1..MAX
  )

  # data: { "page", "id", "colour", "stroke_width", "nib", "opacity", "start" (index of the first point), "points" }.
  def initialize(data)
    @data = {
      page: Usher::Types::Number.new(1..2**53, digits: 0).call(data["page"]),
      id: Usher::Types::Id.new.call(data["id"]),
      colour: Usher::Types::Colour.new.call(data["colour"]),
      stroke_width: Usher::Types::Number.new(Usher::Ink::STROKE_WIDTHS).call(data["stroke_width"]),
      nib: Usher::Types::Choice.new(*Usher::Ink::Nib::KINDS).call(data.fetch("nib", "even")),
      opacity: Usher::Types::Number.new(0.05..1).call(data.fetch("opacity", 1)),
      start: Usher::Types::Number.new(0..Usher::Types::Points::MAX, digits: 0).call(data["start"]),
      points: POINTS.call(data["points"])
    }
  end

  def page_id = @data[:page]
  def id = @data[:id]
  def start = @data[:start]
  def points = @data[:points]
  def to_h = @data
end
