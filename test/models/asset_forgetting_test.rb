require "test_helper"

# What left the store room more than 30 days ago.
class AssetForgettingTest < ActiveSupport::TestCase
  setup do
    @owner = teacher
    @lesson = lesson(@owner)
    @page = @lesson.pages.first
    @asset = @owner.assets.take_in(upload(Media.wav, "horn.wav"))
  end

  test "what nothing names goes for good, with its file and its picture" do
    drawing = @owner.assets.take_in(upload(svg, "boat.svg"))
    [ @asset, drawing ].each(&:put_away)
    forget after: 29.days
    assert_equal 2, Asset.count
    assert_difference -> { ActiveStorage::Attachment.count } => -2, -> { Picture.count } => -1 do
      forget
    end
    assert_empty Asset.all
  end

  test "what is here stays" do
    forget
    assert_equal [ @asset ], Asset.all.to_a
  end

  test "what lies on a page stays, also by a link, as paper, in a set, or where only undo would bring it back" do
    boat = @owner.assets.take_in(upload(svg, "boat.svg"))
    ways = {
      "on the page" => -> { lay(@page, *@asset.items_at([ 300, 300 ], lesson: @lesson)) },
      "taken away again" => -> { lay(@page, *@asset.items_at([ 300, 300 ], lesson: @lesson)); @page.perform({ "verb" => "remove", "ids" => @page.items.pluck(:key) }, id: fresh, by: @owner) },
      "opened by a note" => -> { lay(@page, note("n", link: { "to" => "sound", "asset" => @asset.id, "name" => "horn" })) },
      "in a set" => -> { lay(@page, *@asset.items_at([ 300, 300 ], lesson: @lesson), note("held")); @owner.assets.keep_set(@page.showing, @page.items.pluck(:key), name: "Horn"); [ @page.items, @page.operations ].each(&:delete_all) },
      "in a set that was put away only now" => -> { lay(@page, *@asset.items_at([ 300, 300 ], lesson: @lesson)); @owner.assets.keep_set(@page.showing, @page.items.pluck(:key), name: "Horn").update!(away_at: 20.days.from_now); [ @page.items, @page.operations ].each(&:delete_all) },
      "as paper" => -> { @page.perform({ "verb" => "restyle", "set" => { "paper" => "picture", "measures" => { "picture" => boat.picture_id } } }, id: fresh, by: @owner) }
    }
    ways.each do |way, done|
      Asset.transaction(requires_new: true) do
        done.call
        [ @asset, boat ].each(&:put_away)
        forget
        assert Asset.exists?((way == "as paper" ? boat : @asset).id), way
        assert_not Asset.exists?((way == "as paper" ? @asset : boat).id), way
        raise ActiveRecord::Rollback
      end
    end
  end

  test "what is part of an activity, also as it was before a change, or of a question in the bank, stays" do
    boat = @owner.assets.take_in(upload(svg, "boat.svg"))
    cards = @lesson.activities.create!(title: "Hear", kind: "cards", content: { "cards" => [ [ { "sound" => @asset.id }, "the horn" ] ] })
    @owner.bank_questions.create!(kind: "true_false", words: "A boat", content: { "sentences" => [ { "ask" => { "picture" => boat.picture_id }, "true" => true } ] })
    cards.update!(content: { "cards" => [ %w[ebb falls] ] })
    [ @asset, boat ].each(&:put_away)
    forget
    assert_equal [ @asset, boat ], Asset.order(:id).to_a
  end

  test "an activity says where something is used" do
    boat = @owner.assets.take_in(upload(svg, "boat.svg"))
    made = @lesson.activities.create!(title: "See", kind: "cards", content: { "cards" => [ [ { "picture" => boat.picture_id }, { "sound" => @asset.id } ] ] })
    assert_nil boat.uses_in_words
    card_on(@page, made)
    [ boat, @asset ].each { |asset| assert_match(/page 1/, asset.uses_in_words) }
    made.update!(content: { "cards" => [ %w[ebb falls] ] })
    assert_nil boat.uses_in_words
  end

  test "another teacher's things with the same number on their pages are nobody's reason to keep it" do
    other = teacher("Ivo")
    sound = other.assets.take_in(upload(Media.wav, "bell.wav"))
    lay(lesson(other).pages.first, *sound.items_at([ 300, 300 ], lesson: other.lessons.first))
    [ @asset, sound ].each(&:put_away)
    forget
    assert_equal [ sound ], Asset.all.to_a
  end

  private

  def forget(after: 31.days) = travel(after) { EmptyBinJob.perform_now }
end
