# The small school that tests play in.
module World
  PASSWORD = "low tide at noon".freeze
  SORT = { "groups" => [ { "name" => "Safe", "tiles" => %w[11:30 12:40] }, { "name" => "Wait", "tiles" => %w[05:45 18:10] } ] }.freeze

  def teacher(name = "Maren")
    Teacher.create!(name: name, email: "#{name.downcase}-#{SecureRandom.hex(3)}@gullpoint.example", password: PASSWORD)
  end

  def lesson(owner = teacher, pages: 1)
    Lesson.start(teacher: owner, title: "Tides").tap { |lesson| (pages - 1).times { lesson.add_page } }
  end

  def activity(lesson) = lesson.activities.create!(title: "Safe or wait?", kind: "sort", content: SORT)

  def sit(lesson) = Sitting.open_doors(lesson, lesson.pages.first)

  def seat(sitting, name = "Juniper") = sitting.seat_for(name)

  def fresh = SecureRandom.alphanumeric(20)

  def note(id = fresh, **more) = { "kind" => "note", "id" => id, "x" => 100, "y" => 100, "width" => 300, "height" => 200, "text" => "Boots" }.merge(more.transform_keys(&:to_s))

  def lay(page, *items, by: page.lesson.teacher, id: fresh, **more) = page.perform({ "verb" => "put", "items" => items }, id: id, by: by, **more)

  def card_on(page, activity) = lay(page, { "kind" => "activity", "id" => fresh, "x" => 200, "y" => 200, "width" => 700, "height" => 400, **activity.card })

  def picture_of(owner, bytes = svg)
    owner.pictures.take_in(upload(bytes))
  end

  def svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 30"><rect width="40" height="30" fill="#1e6079"/></svg>'

  def upload(bytes, name = "boat.svg") = Rack::Test::UploadedFile.new(StringIO.new(bytes.b), "application/octet-stream", original_filename: name)

  def png(width = 8, height = 6) = Vips::Image.black(width, height, bands: 3).pngsave_buffer

  # The place that a piece of a sort belongs to, and the one of two that it does not.
  def home(attempt, piece) = attempt.play.kind.solution(attempt.play.deal).fetch(piece)
  def astray(attempt, piece) = (%w[g1 g2] - [ home(attempt, piece) ]).first

  # Brings a piece to its place, or another.
  def place(attempt, piece, to = home(attempt, piece)) = attempt.move({ "piece" => piece, "place" => to }, id: fresh)

  # Coming in, for requests.
  module Doors
    def sign_in(teacher) = post(session_path, params: { email: teacher.email, password: World::PASSWORD })

    def come_in(sitting, name = "Juniper")
      post seat_path, params: { code: sitting.code, name: name }
      sitting.seats.order(:id).last
    end

    def operate(page, *operations, id: nil)
      post page_operations_path(page), params: { operations: operations.map { |operation| { id: id || fresh, operation: operation } } }.to_json,
        headers: { "Content-Type" => "application/json", "Accept" => "application/json" }
      response.parsed_body
    end

    def answer = response.parsed_body
  end
end
