# Who comes in, and to which seat: with a name, or as somebody of the class with a code of their own.
module Sitting::Arrivals
  extend ActiveSupport::Concern

  ENTRIES = { "any" => "Anybody with the code and a name", "list" => "Only who is on the list" }.freeze

  included do
    belongs_to :school_class, optional: true
    validates :entry, inclusion: { in: ENTRIES.keys }
    validate { errors.add(:entry, "Choose the class first.") if entry == "list" && school_class.nil? }
  end

  # A seat for this name; two whose names look alike are told apart by a number. Whoever was sent out for now comes to
  # the seat they had; for the lesson, to none. Raises Usher::Invalid.
  def seat_for(name)
    raise Usher::Invalid, "This lesson is for the class on the list. Choose your name and type your own code." if entry == "list"
    was = seats.where.not(out: nil).find { |seat| seat.name.casecmp?(PlainName.of(name)) }
    was && !was.student ? was.come_back(code) : take_seat(name)
  end

  # The seat of a student of the class, on whatever device: what they did stays with it. Raises Usher::Invalid.
  def seat_of(student) = seats.find_by(student: student)&.come_back(code) || take_seat(student.name, student: student)

  # Of a practice class.
  def simulated_seat(name) = take_seat(name).tap { |seat| seat.update!(simulated: true, waiting: false) }

  def let_in(some = seats) = some.where(waiting: true).each(&:let_in)

  private

  def take_seat(name, student: nil)
    name = PlainName.of(name).then { |plain| student ? plain.first(30) : plain }
    taken = seats.pluck(:name).map(&:downcase)
    free = [ name, *(2..taken.size + 1).map { |number| "#{name} #{number}" } ].find { |one| taken.exclude?(one.downcase) }
    seats.create!(name: free, code: code, student: student, waiting: waits?).tap(&:tell_board)
  rescue ActiveRecord::RecordNotUnique
    retry # somebody of the same name came in at the same moment
  end
end
