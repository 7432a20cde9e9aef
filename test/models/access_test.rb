require "test_helper"

# Who may reach what, asked of Access itself: each kind of person, everything there is, the nearest thing that
# is not theirs beside it.
class AccessTest < ActiveSupport::TestCase
  setup do
    @owner, @other = teacher, teacher("Piet")
    @lesson, @foreign = [ @owner, @other ].map { |who| lesson(who, pages: 3) }
    @page, @second, @third = @lesson.pages.to_a
    @sitting, @elsewhere = sit(@lesson), sit(@foreign)
    @seat, @neighbour, @stranger = seat(@sitting), seat(@sitting, "Mia"), seat(@elsewhere)
    @teacher, @student = Access::Owner.new(@owner), Access::Student.new(@seat)
  end

  test "a teacher has their own lessons, and what lies in the bin apart" do
    binned = lesson(@owner).tap(&:bin)
    assert_equal [ [ @lesson ], [ binned ] ], [ @teacher.lessons.to_a, @teacher.binned_lessons.to_a ]
    @third.bin
    @foreign.pages.last.bin
    assert_equal [ [ @page, @second ], [ @third ] ], [ @teacher.pages.order(:id).to_a, @teacher.binned_pages.to_a ]
  end

  test "pages of a lesson in the bin are nobody's until it is fetched back" do
    @lesson.bin
    assert_empty @teacher.pages
    assert_empty @teacher.sittings
  end

  test "a teacher has what belongs to their lessons, and of goes at activities those on the board" do
    mine, theirs = [ @lesson, @foreign ].map { |of| belongings(of) }
    assert_equal mine, seen_by(@teacher).except(:shares), "a share is opened by its link, whoever has it"
    assert_equal theirs, seen_by(Access::Owner.new(@other)).except(:shares)
    activity = Activity.find(mine[:activities].sole)
    activity.deal(to: Participant.of(@seat))
    assert_equal mine[:attempts], @teacher.attempts.ids
    assert_nil @teacher.participant
  end

  test "pictures and files are the teacher's who took them in" do
    picture, foreign = picture_of(@owner), picture_of(@other)
    assert_equal [ picture ], @teacher.pictures.to_a
    assert_equal [ picture, nil, nil ], [ "/pictures/#{picture.id}", "/pictures/#{foreign.id}", "/nonsense" ].map { |address| @teacher.picture(address) }
  end

  test "a teacher hears and frames things of their own pages, as prepared or as the sitting has them" do
    [ @page, @foreign.pages.first ].each { |page| lay(page, note("a", text: "Ropes")) }
    @page.perform({ "verb" => "change", "changes" => [ { "id" => "a", "set" => { "text" => "Sails" } } ] }, id: fresh, by: @owner, layer: @sitting.layer)
    assert_equal %w[Ropes Ropes Sails], [ nil, "", @sitting.id ].map { |sitting| @teacher.spoken(@page.id, "a", sitting) }
    assert_nil @teacher.spoken(@page.id, "b")
    assert_nil @teacher.spoken(@foreign.pages.first.id, "a")
    assert_equal [ "https://tide.example", nil ], [ "https://tide.example", "" ].map { |address| @teacher.framed(address) }
  end

  test "a page is not shown as in a sitting of another lesson, or one that is over" do
    assert_equal [ :preparing, :teaching ], [ nil, @sitting.id ].map { |sitting| @teacher.showing(@page, sitting).viewer.role }
    another = sit(lesson(@owner))
    [ another.id, @elsewhere.id, 0 ].each { |sitting| assert_raises(Usher::Invalid) { @teacher.showing(@page, sitting) } }
    @sitting.close
    assert_raises(Usher::Invalid) { @teacher.showing(@page, @sitting.id) }
  end

  test "a student has the page that is shown, and no other" do
    assert_equal [ [ @page ], [ @sitting ], @seat ], [ @student.pages.to_a, @student.sittings.to_a, @student.seat ]
    @sitting.turn_to(@second)
    assert_equal [ @second ], Access::Student.new(@seat).pages.to_a
    @second.bin
    assert_empty Access::Student.new(@seat).pages
    assert_nil Access::Student.new(@seat).showing
  end

  test "a student has only what lies on the page for devices" do
    shown, room, hidden, later = Array.new(4) { activity(@lesson) }
    card_on(@page, shown)
    lay(@page, card(room, "audience" => "room"), card(hidden, "x" => 5_000))
    card_on(@second, later)
    assert_equal [ shown ], @student.activities.to_a
  end

  test "a student's goes and polls are their own and their class's" do
    activity = activity(@lesson)
    own, others = [ @seat, @neighbour ].map { |seat| activity.deal(to: Participant.of(seat)) }
    board = activity.deal
    poll, other = Poll.ask(@sitting, "letters", { "count" => 2 }), Poll.ask(@elsewhere, "letters", { "count" => 2 })
    assert_equal [ [ own ], poll, nil, nil ], [ @student.attempts.to_a, @student.poll(poll.id.to_s), @student.poll(other.id), @student.poll("9" * 30) ]
    assert_not_includes @student.attempts, others
    assert_not_includes @student.attempts, board
    assert_empty Access::Student.new(@stranger).attempts
  end

  test "once the doors are shut a student has nothing" do
    lay(@page, note("a", text: "Ropes"), { "kind" => "framed", "id" => "f", "x" => 0, "y" => 0, "width" => 400, "height" => 300, "address" => "https://tide.example" })
    activity(@lesson).deal(to: Participant.of(@seat))
    poll = Poll.ask(@sitting, "letters", { "count" => 2 })
    before = seen_by(Access::Student.new(@seat))
    assert_equal [ 1, 1, 1 ], before.values_at(:pages, :sittings, :attempts).map(&:size)
    assert_equal poll, Access::Student.new(@seat).poll(poll.id)
    @sitting.shut
    student = Access::Student.new(@seat)
    assert_equal [ [] ], seen_by(student).values.uniq
    assert_equal [ nil ] * 4, [ student.spoken(@page.id, "a"), student.framed("https://tide.example"), student.showing, student.poll(poll.id) ]
  end

  test "a student hears what lies open on the page that is shown" do
    lay(@page, note("a", text: "Ropes"), note("room", "audience" => "room"), note("covered", x: 700), { "kind" => "cover", "id" => "c", "x" => 650, "y" => 50, "width" => 500, "height" => 400 })
    lay(@second, note("a", text: "Sails"))
    assert_equal "Ropes", @student.spoken(@page.id, "a")
    assert_equal [ nil, nil, nil ], [ @student.spoken(@second.id, "a"), @student.spoken(@page.id, "room"), @student.spoken(@page.id, "covered") ]
    assert_nil Access::Student.new(@stranger).spoken(@page.id, "a")
  end

  test "a student frames an address that a frame on the page shows, and no other" do
    frame = { "kind" => "framed", "id" => "f", "x" => 0, "y" => 0, "width" => 400, "height" => 300, "address" => "https://tide.example/a" }
    lay(@page, frame, frame.merge("id" => "g", "address" => "https://tide.example/b"), frame.merge("id" => "h", "address" => "https://tide.example/room", "audience" => "room"),
      { "kind" => "link_card", "id" => "k", "x" => 0, "y" => 400, "width" => 400, "height" => 200, "address" => "https://tide.example/x", "title" => "Tables" })
    assert_equal [ "https://tide.example/a", "https://tide.example/b", nil, nil ], %w[a b room x].map { |name| @student.framed("https://tide.example/#{name}") }
  end

  test "a student gets a picture by the address that a drawing on the page names" do
    shown, beside, paper, room, away = Array.new(5) { |n| picture_of(@owner, svg.sub("40 30", "4#{n} 30")) }
    lay(@page, image(shown), image(beside), image(room, "audience" => "room"))
    lay(@second, image(away))
    @page.perform({ "verb" => "restyle", "set" => { "paper" => "picture", "measures" => { "picture" => paper.id, "fit" => "whole" } } }, id: fresh, by: @owner)
    assert_equal [ shown, beside, paper, nil, nil ], [ shown, beside, paper, room, away ].map { |picture| @student.picture("/pictures/#{picture.id}") }
    assert_equal [ nil, nil ], [ @student.picture("/nonsense"), Access::Student.new(@stranger).picture("/pictures/#{shown.id}") ]
  end

  test "a student gets the files that lie on the page" do
    horn, other = %w[horn other].map { |name| @owner.assets.take_in(upload(name * 9, "#{name}.txt")) }
    lay(@page, { "kind" => "sound", "id" => "s", "x" => 0, "y" => 0, "width" => 400, "height" => 100, "asset" => horn.id, "title" => "Fog horn", "seconds" => 3 })
    assert_equal [ [ horn ], 2 ], [ @student.assets.to_a, @teacher.assets.where(id: [ horn, other ]).count ]
  end

  test "nobody has nothing but what a share opens" do
    [ @lesson, @foreign ].each { |of| belongings(of) }
    picture_of(@owner)
    nobody = Access::Nobody.new
    standing, withdrawn, binned = @lesson.shares.sole, @foreign.shares.sole.tap(&:withdraw), lesson(@owner).then { |thrown| thrown.shares.create!.tap { thrown.bin } }
    assert_equal [ standing ], nobody.shares.to_a, "#{withdrawn.id}, #{binned.id} are not open"
    assert_equal [ [] ], seen_by(nobody).except(:shares).values.uniq
    lay(@page, note("a"))
    assert_equal [ nil, nil, nil, nil ], [ nobody.participant, nobody.picture("/pictures/#{Picture.first.id}"), nobody.spoken(@page.id, "a"), nobody.framed("https://tide.example") ]
  end

  test "what each who looks at a lesson may do, and through which layers" do
    rights = %i[write prepare turn answer]
    may = { Viewer.preparing(@lesson) => %i[write prepare], Viewer.teaching(@sitting) => %i[write turn], Viewer.device(@sitting) => %i[answer],
      Viewer.reader(@lesson.prepared) => [], Viewer.room(@sitting.layer) => [] }
    may.each { |viewer, given| assert_equal given, rights.select { |right| viewer.may?(right) }, viewer.role }
    assert_equal [ 1, 2, 2, 1, 2 ], may.keys.map { |viewer| viewer.layer.stack.size }
    assert_equal %w[board board devices devices room], may.keys.map { |viewer| viewer.audience.name }
    assert_equal [ true, false ], [ @sitting, @elsewhere ].map { |sitting| Viewer.device(@sitting).sees?(sitting.layer.id) }
    assert_equal [ false, true ], [ Viewer.preparing(@lesson), Viewer.teaching(@sitting) ].map { |viewer| viewer.sees?(@sitting.layer.id) }
  end

  private

  EVERYTHING = %i[lessons binned_lessons pages binned_pages pictures assets imports activities attempts results sittings polls takes shares].freeze

  # Something of everything that belongs to a lesson; answers with the ids a teacher of it has.
  def belongings(lesson)
    activity = activity(lesson)
    import = lesson.imports.create!(asset: lesson.teacher.assets.take_in(upload("Low water", "tide.txt")), position: 1, first: 1, last: 1)
    attempt = activity.deal
    take = lesson.takes.create!(title: "Low water", state: "ready", page: lesson.pages.first)
    lesson.shares.create!
    { activities: [ activity.id ], attempts: [ attempt.id ], imports: [ import.id ], polls: [ Poll.ask(lesson.sitting, "letters", { "count" => 2 }).id ], sittings: [ lesson.sitting.id ], takes: [ take.id ] }.then do |made|
      seen_by(Access::Owner.new(lesson.teacher)).merge(made).except(:shares)
    end
  end

  def seen_by(access) = EVERYTHING.index_with { |name| access.public_send(name).reorder(:id).ids }

  def card(activity, **more) = { "kind" => "activity", "id" => fresh, "x" => 200, "y" => 200, "width" => 700, "height" => 400, **activity.card, **more }
  def image(picture, **more) = { "kind" => "picture", "id" => fresh, "x" => 0, "y" => 0, "width" => 400, "height" => 300, "picture" => picture.id, **more }
end
