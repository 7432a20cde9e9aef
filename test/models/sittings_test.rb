require "test_helper"

# How a sitting ends, is kept, goes on, and how several are held at once.
class SittingsTest < ActiveSupport::TestCase
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 3)
    @page, @second, @third = @lesson.pages.to_a
    lay(@page, note("a"))
    @sitting = Sitting.teach(@lesson, @page)
  end

  test "kept for this class: listed, and gone on with where it was" do
    write(@page, "b")
    @sitting.finish("kept", by: @owner, title: "6 Kittiwake")
    assert_equal [ @sitting ], @lesson.sittings.kept.to_a
    assert_equal [ "6 Kittiwake", [ @page ] ], [ @sitting.name, @sitting.touched_pages.to_a ]
    assert_nil @lesson.reload.sitting
    later = Sitting.teach(@lesson, @page)
    assert_equal %w[a], seen(later)
    @sitting.reload.go_on
    assert_equal [ %w[a b], true ], [ seen(@sitting), @sitting.beside? ]
    assert_equal later, @lesson.sitting, "the lesson's own goes before one that came again"
  end

  test "wiped: what was written is gone, what students answered is not" do
    write(@page, "b")
    @sitting.open
    answer = Poll.ask(@sitting, "letters", { "count" => 3 }).tap { |poll| poll.take_answer(seat(@sitting), "A") }.answers.first
    @sitting.finish("wiped", by: @owner)
    assert_equal [ %w[a], 0, [] ], [ seen(@sitting), @sitting.layer.items.count, @lesson.sittings.kept.to_a ]
    assert answer.reload
    assert_not @sitting.open?
  end

  test "taken into the lesson page by page; the rest is wiped" do
    write(@page, "b")
    write(@second, "c")
    @sitting.finish("taken", by: @owner, pages: [ @page ])
    assert_equal [ %w[a b], [] ], [ @page, @second ].map { |page| page.items.reload.pluck(:key).sort }
    assert_equal 0, @sitting.layer.items.count
    @page.undo(by: @owner, id: fresh)
    assert_equal %w[a], @page.items.reload.pluck(:key), "it is a step like any other"
  end

  test "what nobody asked for is refused, and nothing changes" do
    write(@page, "b")
    [ [ "burnt", [] ], [ "taken", [] ], [ nil, [] ] ].each { |how, pages| assert_raises(Usher::Invalid) { @sitting.finish(how, by: @owner, pages: pages) } }
    assert_raises(ActiveRecord::RecordInvalid) { @sitting.finish("kept", by: @owner, title: "x" * 99) }
    assert_equal [ false, %w[a b] ], [ @sitting.reload.ended?, seen(@sitting) ]
  end

  test "one that was left alone for half a day is kept by itself, and the next class begins anew" do
    write(@page, "b")
    travel 13.hours do
      later = Sitting.teach(@lesson.reload, @page)
      assert_not_equal @sitting, later
      assert_equal "kept", @sitting.reload.ending
    end
    empty = @lesson.reload.sitting
    travel 30.hours do
      Sitting.teach(@lesson.reload, @page)
      assert_not Sitting.exists?(empty.id), "nothing was left in it"
    end
  end

  test "two classes at the same time never mix" do
    other = Sitting.teach_beside(@lesson, @second)
    write(@page, "b")
    write(@page, "c", other)
    other.turn_to(@third)
    assert_equal [ %w[a b], %w[a c], @page, @third ], [ seen(@sitting), seen(other), @sitting.reload.page, other.reload.page ]
    assert_equal @sitting, Sitting.teach(@lesson.reload, @page)
    groups = Live::Group.all(@lesson).map { |group| group.viewer.layer }
    assert_equal [ @lesson.prepared, @sitting.layer, other.layer ], groups
  end

  test "what was prepared anew since is told when a class comes again" do
    write(@page, "b")
    @sitting.finish("kept", by: @owner)
    travel 1.hour do
      lay(@third, note("new"))
      lay(@page, note("more"))
      assert_equal [ @page, @third ], @sitting.reload.changed_since.to_a
      assert_match(/Pages 1, 3 were changed/, DifferenceWords.new(@sitting).to_s)
      @sitting.go_on
      assert_equal %w[a b more], seen(@sitting), "and is seen through what it wrote"
    end
  end

  test "the time it was taught is the server's, page by page, while a board holds it" do
    @sitting.hold
    travel 40.seconds
    @sitting.tick
    @sitting.turn_to(@second)
    travel 25.seconds
    @sitting.let_go
    travel 10.minutes
    assert_in_delta 40, @sitting.taught_on(@page), 1
    assert_in_delta 25, @sitting.taught_on(@second), 1
    @sitting.hold
    travel 5.seconds
    assert_in_delta 70, @sitting.taught, 1
    2.times { @sitting.tick }
    assert_in_delta 70, @sitting.taught, 1, "two boards count each second once"
  end

  test "a link and a print of what a class made" do
    write(@page, "b")
    share = Share.of(@lesson, @sitting)
    assert_not_equal share, Share.of(@lesson)
    assert_equal share, Share.of(@lesson, @sitting)
    assert_not_equal Share.of(@lesson).pdf, share.pdf
    @sitting.destroy!
    assert_not Share.exists?(share.id)
  end

  private

  def write(page, key, sitting = @sitting) = lay(page, note(key, x: 500), layer: sitting.layer)
  def seen(sitting) = @page.showing(Viewer.teaching(sitting)).items.pluck(:key).sort
end
