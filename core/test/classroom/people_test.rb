require "core_test"

# Who is in the class, what they may do, and the codes they come in by.
class PeopleTest < CoreTest
  Rights = Usher::Classroom::Rights
  Roster = Usher::Classroom::Roster

  def test_rights_are_known_names_and_writing_is_of_one_kind
    assert_equal %w[answer write], Rights.new(%w[write answer write]).names
    assert_equal [ true, false, true ], [ Rights.new(%w[copy]).writes?, Rights.new([]).writes?, Rights.new(%w[write]).writes? ]
    [ nil, "answer", %w[fly], %w[write copy], [ nil ] ].each { |names| assert_invalid { Rights.new(names) } }
    Rights::PRESETS.each { |name, names| assert_equal name, Rights.new(names).preset }
    assert_nil Rights.new(%w[move]).preset
    assert_equal Rights::PRESETS.keys, Rights::PRESET_WORDS.keys
  end

  def test_what_each_right_lets_an_operation_do
    ink = { "verb" => "put", "items" => [ { "kind" => "ink" } ] }
    allowed = { "write" => [ ink, { "verb" => "remove" } ], "copy" => [ ink, { "verb" => "remove" }, { "verb" => "erase" } ], "move" => [ { "verb" => "move" } ], "answer" => [], "point" => [] }
    all = [ ink, { "verb" => "remove" }, { "verb" => "erase" }, { "verb" => "move" } ]
    allowed.each do |right, operations|
      operations.each { |operation| assert_nil Rights.new([ right ]).check(operation) }
      (all - operations).each { |operation| assert_invalid { Rights.new([ right ]).check(operation) } }
    end
    [ nil, "put", {}, { "verb" => "cue" }, { "verb" => "put" }, { "verb" => "put", "items" => [ {} ] }, { "verb" => "put", "items" => [ { "kind" => "ink", "z" => 1 } ] }, { "verb" => "together", "steps" => [ ink ] } ].each do |operation|
      assert_invalid { Rights.new(%w[write move]).check(operation) }
    end
  end

  def test_a_personal_code_is_the_other_way_round
    code = Usher::Classroom::Code.personal
    assert_match(/\A[346789]{3}[A-Z]{3}\z/, code)
    assert_equal code, Usher::Classroom::Code.read_personal(" #{code[0, 3].downcase}-#{code[3, 3].downcase} ")
    assert_nil Usher::Classroom::Code.read(code)
    [ nil, "", "RTX483", "1" * 900, "012ABC" ].each { |typed| assert_nil Usher::Classroom::Code.read_personal(typed) }
  end

  USERS = "\ufeffsourcedId,status,role,givenName,familyName,preferredFirstName\nu1,active,student,Wren,Ness,\nu2,active,student,Philip,Holm,Pip\nu3,tobedeleted,student,Gone,Away,\nu4,active,teacher,Maren,Skerry,\n,active,student,No,Id,\n".freeze
  CLASSES = "sourcedId,status,title\nc1,active,4 Kittiwake\nc2,tobedeleted,Gone\nc3,active,Empty\n".freeze
  ENROLLMENTS = "sourcedId,status,classSourcedId,userSourcedId,role\ne1,active,c1,u1,student\ne2,active,c1,u2,student\ne3,active,c1,u2,student\ne4,tobedeleted,c1,u4,student\ne5,active,c1,u9,student\ne6,active,c2,u1,student\n".freeze

  def test_a_roster_has_the_students_of_its_classes
    classes = Roster.new({ "x/users.csv" => USERS, "x/classes.csv" => CLASSES, "x/enrollments.csv" => ENROLLMENTS, "readme.txt" => "x" }).classes
    assert_equal [ [ "4 Kittiwake", [ "Pip Holm", "Wren Ness" ] ] ], classes.map { |one| [ one.title, one.students.map(&:name) ] }
    assert_equal [ "Pip Holm", "Wren Ness" ], Roster.new({ "users.csv" => USERS }).classes.first.students.map(&:name)
  end

  def test_a_roster_that_is_none
    [ {}, { "classes.csv" => CLASSES }, { "users.csv" => "sourcedId\n" + "u\n" * 20_001 } ].each { |files| assert_invalid { Roster.new(files) } }
    assert_empty Roster.new({ "users.csv" => "a,b\n1,2\n" }).classes
    assert_equal [ "J\u00fcrg" ], Roster.new({ "users.csv" => "sourcedId,givenName\nu1,J\xFCrg\n".b }).classes.flat_map { |one| one.students.map(&:name) }
  end

  def test_cards_are_ten_on_a_sheet_and_safe
    sheet = Usher::Classroom::Cards.sheet([ [ "<b>Wren</b>", "384 KTW" ] ] * 12, title: "4 & 5", address: "usher.example/join")
    assert_equal Usher::Classroom::Cards::ON_A_SHEET, sheet.scan("384 KTW").size
    assert_includes sheet, "&lt;b&gt;Wren"
    assert_includes sheet, "4 &amp; 5"
  end
end
