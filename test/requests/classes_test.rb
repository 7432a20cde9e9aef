require "test_helper"

# Classes and their students: typed, pasted, from a roster; cards; coming in with a code of one's own.
class ClassesTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    sign_in @owner
  end

  def begin_class(names = "Wren\nPip") = SchoolClass.begin(@owner, title: "6 Kittiwake", names: names)

  def csv(name, text) = Rack::Test::UploadedFile.new(StringIO.new(text), "text/csv", original_filename: name)

  USERS = "sourcedId,status,role,givenName,familyName\nu1,active,student,Wren,Ness\nu2,active,student,Pip,Holm\nu3,tobedeleted,student,Gone,Away\nu4,active,teacher,Maren,Skerry\n".freeze
  CLASSES = "sourcedId,status,title\nc1,active,6 Kittiwake\nc2,active,Empty\n".freeze
  ENROLLMENTS = "sourcedId,status,classSourcedId,userSourcedId,role\ne1,active,c1,u1,student\ne2,active,c1,u2,student\ne3,active,c1,u3,student\ne4,active,c1,u4,teacher\n".freeze

  test "typed, changed, and deleted with everything" do
    post school_classes_path, params: { title: " 6 Kittiwake ", names: "Wren\nPip, wren\n\n" }
    made = SchoolClass.sole
    assert_redirected_to made
    assert_equal [ "Pip", "Wren", "wren 2" ], made.students.map(&:name)
    assert_equal 3, made.students.map(&:code).uniq.size
    patch school_class_path(made), params: { names: "Fern" }
    student = made.students.find_by(name: "Fern")
    patch school_class_student_path(made, student), params: { name: "WREN" }
    assert_equal "Fern", student.reload.name
    code = student.code
    patch school_class_student_path(made, student), params: { code: 1 }
    assert_not_equal code, student.reload.code
    delete school_class_student_path(made, student)
    delete school_class_path(made)
    assert_equal [ 0, 0, 0 ], [ SchoolClass, Student, ClassTeacher ].map(&:count)
  end

  test "wrong lists are told, with what was typed still there" do
    [ { title: "", names: "Wren" }, { title: "6", names: "x" * 90 }, { title: "6", names: (1..401).to_a.join("\n") } ].each do |given|
      post school_classes_path, params: given
      assert_response :unprocessable_entity
      assert_select "[role=alert]"
    end
    assert_equal 0, SchoolClass.count
    made = begin_class
    patch school_class_path(made), params: { delete_on: "2020-01-01" }
    assert_nil made.reload.delete_on
  end

  test "a roster in CSV or ZIP; twice it changes nothing" do
    files = [ csv("users.csv", USERS), csv("classes.csv", CLASSES), csv("enrollments.csv", ENROLLMENTS) ]
    2.times { post school_classes_path, params: { roster: files.each(&:rewind) } }
    assert_equal [ [ "6 Kittiwake", [ "Pip Holm", "Wren Ness" ] ] ], SchoolClass.all.map { |one| [ one.title, one.students.map(&:name) ] }
    zip = Zip::OutputStream.write_buffer { |out| { "a/users.csv" => USERS, "a/classes.csv" => CLASSES.sub("Kittiwake", "Petrel"), "a/enrollments.csv" => ENROLLMENTS }.each { |name, text| out.put_next_entry(name).then { out.write(text) } } }
    post school_classes_path, params: { roster: [ Rack::Test::UploadedFile.new(StringIO.new(zip.string), "application/zip", original_filename: "export.zip") ] }
    assert_equal [ "6 Kittiwake", "6 Petrel" ], SchoolClass.order(:title).map(&:title)
    [ csv("classes.csv", CLASSES), csv("users.csv", "\"broken"), csv("x.zip", "no archive"), csv("users.csv", "a,b\n1,2\n") ].each do |file|
      assert_no_difference("SchoolClass.count") { post school_classes_path, params: { roster: [ file ] } }
      assert_response :unprocessable_entity
      assert_select "[role=alert]"
    end
  end

  test "cards are a PDF with every name, and an empty class has none" do
    get school_class_cards_path(begin_class)
    assert_equal "application/pdf", response.media_type
    assert_match(/\A%PDF/, response.body)
    get school_class_cards_path(begin_class(""))
    assert_response :redirect
  end

  test "a colleague gets it too, and may leave it; the last one may not" do
    made, ivo = begin_class, teacher("Ivo")
    delete school_class_teachers_path(made)
    assert_equal [ @owner ], made.reload.teachers
    2.times { post school_class_teachers_path(made), params: { address: " #{ivo.email.upcase}" } }
    post school_class_teachers_path(made), params: { address: "nobody@skerry.example" }
    assert_equal [ @owner, ivo ], made.reload.teachers.order(:id)
    sign_in ivo
    get school_class_path(made)
    assert_response :success
    delete school_class_teachers_path(made)
    get school_class_path(made)
    assert_response :not_found
    own = SchoolClass.begin(ivo, title: "5 Petrel", names: "Fern")
    ivo.destroy!
    assert_equal [ made ], SchoolClass.all.to_a, "#{own.title} was nobody's any more"
  end

  test "with a code of one's own one comes to the same seat from any device; guessing is slowed" do
    made, held = begin_class, sit(lesson(@owner))
    patch lesson_sitting_path(held.lesson), params: { school_class: made.id, entry: "list" }
    assert_equal [ "list", "6 Kittiwake" ], held.reload.then { |one| [ one.entry, one.title ] }
    wren, pip = made.students.order(name: :desc).to_a
    delete session_path
    get join_path(held.code)
    assert_select "option", text: "Wren"
    assert_select "input[name=name]", 0
    assert_no_difference("Seat.count") do
      post seat_path, params: { code: held.code, name: "Somebody" }
      post seat_path, params: { code: held.code, student: pip.id, own: wren.code }
      post seat_path, params: { code: held.code, own: "234ABC" }
    end
    post seat_path, params: { code: held.code, student: wren.id, own: wren.code.downcase }
    first = held.seats.sole
    reset!
    post seat_path, params: { code: held.code, own: "#{wren.code[0, 3]} #{wren.code[3, 3]}" }
    get seat_path
    assert_response :success
    assert_equal [ first, wren ], held.reload.seats.sole.then { |seat| [ seat, seat.student ] }
    reset!
    WrongCodes::LIMIT.times { post seat_path, params: { code: held.code, own: "384KTW" } }
    post seat_path, params: { code: held.code, own: pip.code }
    assert_select "[role=alert]", /Too many wrong codes/
  end

  test "who comes in waits outside until the teacher opens, if wanted" do
    held = sit(lesson(@owner))
    patch lesson_sitting_path(held.lesson), params: { waits: "true" }
    child = open_session { |session| session.post seat_path, params: { code: held.code, name: "Juniper" } }
    child.get seat_page_path
    assert_equal 410, child.response.status
    child.get seat_path
    assert_includes child.response.body, "Wait a moment"
    get lesson_roll_path(held.lesson), params: { list: 1 }
    assert_includes response.body, "Let in"
    patch sitting_seat_path(held, held.seats.sole, let_in: 1)
    child.get seat_page_path
    assert_equal 200, child.response.status
    held.seats.sole.update!(waiting: true)
    patch lesson_sitting_path(held.lesson), params: { let_in: "all" }
    assert_not held.seats.sole.waiting?
  end

  test "hands go up in order, and the teacher takes them down" do
    held = sit(lesson(@owner))
    pip, wren = seat(held, "Pip"), seat(held, "Wren")
    wren.raise_hand(true)
    travel(2.seconds) { pip.raise_hand(true) }
    wren.raise_hand(true)
    assert_equal [ wren, pip ], Roll.new(held).hands
    patch sitting_seat_path(held, wren, hand: "down")
    assert_equal [ pip ], Roll.new(held).hands
  end

  test "the report says who was in, what they answered and did; formulas stay text; it is there after the doors are shut" do
    held = sit(lesson(@owner))
    wren = seat(held, "=1+1")
    poll = Poll.ask(held, "text", {}, question: "Why?")
    poll.take_answer(wren, "The moon")
    anonymous = Poll.ask(held, "yes_no", {}, anonymous: true)
    anonymous.take_answer(wren, "Yes")
    held.allow(%w[write])
    wren.reload.perform(held.page, { "verb" => "put", "items" => [ { "kind" => "ink", "id" => "i1", "colour" => "#1e6079", "stroke_width" => 6, "nib" => "even", "opacity" => 1, "points" => [ [ 1, 1 ], [ 50, 50 ] ] } ] }, id: fresh)
    held.finish("kept", by: @owner)
    get sitting_report_path(held)
    assert_select "td", "The moon"
    assert_select "td", { text: "Yes", count: 0 }
    get sitting_report_path(held, format: :csv)
    table = CSV.parse(response.body, headers: true)
    assert_equal [ "'=1+1", "The moon", "answered", "1" ], table.first.fields.values_at(0, 2, 3, 4)
  end

  test "on its day a class goes with what its students left" do
    made, held = begin_class, sit(lesson(@owner))
    held.update!(school_class: made)
    held.seat_of(made.students.first)
    made.update!(delete_on: 3.days.from_now)
    travel(4.days) { ForgetJob.perform_now }
    assert_equal [ 0, 0, 0 ], [ SchoolClass.count, Student.count, Seat.count ]
    assert_nil held.reload.school_class
  end
end
