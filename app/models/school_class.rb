# A class of the school: a list of students. It belongs to its teachers, each of whom may change it.
class SchoolClass < ApplicationRecord
  MOST = 400 # students

  has_many :class_teachers, dependent: :delete_all
  has_many :teachers, through: :class_teachers
  has_many :students, -> { order(Arel.sql("LOWER(name)")) }, dependent: :destroy, inverse_of: :school_class
  has_many :sittings, dependent: :nullify

  normalizes :title, with: PlainName.method(:of)
  validates :title, presence: { message: "Give the class a name." }, length: { maximum: 60, message: "The name of a class has at most 60 characters." }
  validate { errors.add(:base, "The day on which it is deleted must lie ahead.") if delete_on && delete_on_changed? && delete_on <= Date.current }

  scope :by_title, -> { order(Arel.sql("LOWER(title)")) }
  scope :due, -> { where(delete_on: ..Date.current) }

  class << self
    # names: as a teacher types or pastes them. Raises Usher::Invalid, and then there is none.
    def begin(teacher, title:, names: "")
      transaction do
        raise Usher::Invalid, "A teacher has at most 200 classes here." if teacher.school_classes.count >= 200
        made = create!(title: title, teachers: [ teacher ])
        made.add(names)
        made
      end
    rescue ActiveRecord::RecordInvalid => error
      raise Usher::Invalid, error.record.errors.map(&:message).join(" ")
    end

    # Those of a roster (OneRoster CSV): { file name => bytes }. One whose title the teacher has already gets whoever is
    # new; nobody is taken out. Answers with them.
    def take_in(teacher, files)
      classes = Usher::Classroom::Roster.new(files).classes
      raise Usher::Invalid, "There is no student in this roster." if classes.empty?
      transaction do
        classes.map do |listed|
          title = PlainName.of(listed.title).presence&.first(60) || "Class of #{Date.current.strftime('%-d %B')}"
          (teacher.school_classes.find_by(title: title) || self.begin(teacher, title: title)).tap { |one| one.add_people(listed.students) }
        end
      end
    end
  end

  # Answers with how many came in. Raises Usher::Invalid.
  def add(names) = add_people(Usher::Classroom::Names.read(names.to_s).map { |name| Usher::Classroom::Roster::Person.new(name, nil) })

  # Who is in it already, by the roster's id or else the name, stays as they are; two of one name get a number.
  def add_people(people)
    transaction do
      known, ids = students.pluck(:name).map(&:downcase), students.pluck(:sourced_id).compact
      fresh = people.reject { |person| person.id && ids.include?(person.id) }
      raise Usher::Invalid, "A class has at most #{MOST} students." if students.size + fresh.size > MOST
      fresh.each do |person|
        name = free(PlainName.of(person.name), known)
        students.create!(name: name, sourced_id: person.id)
        known << name.downcase
      end
      fresh.size
    end
  end

  # A colleague gets it too.
  def share_with(address)
    colleague = Teacher.find_by(email: address.to_s.strip.downcase)
    class_teachers.find_or_create_by!(teacher: colleague) if colleague&.let_in?
  end

  # It goes, with its students and all they left in lessons.
  def forget
    Seat.where(student: students).find_each(&:forget)
    destroy!
  end

  # Cards to cut out: SVG documents of upright A4 sheets. address: where to come in.
  def cards(address) = students.to_a.each_slice(Usher::Classroom::Cards::ON_A_SHEET).map { |some| Usher::Classroom::Cards.sheet(some.map { |one| [ one.name, Usher::Classroom::Code.show(one.code) ] }, title: title, address: address) }

  private

  def free(name, known) = [ name, *(2..known.size + 2).map { |number| "#{name} #{number}" } ].find { |one| known.exclude?(one.downcase) }
end
