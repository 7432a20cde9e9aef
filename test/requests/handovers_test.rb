require "test_helper"

class HandoversTest < ActionDispatch::IntegrationTest
  include ActionMailer::TestHelper

  setup do
    @maren, @ivo = teacher("Maren"), teacher("Ivo")
    @lesson = lesson(@maren)
    @page = @lesson.pages.first
    @picture = picture_of(@maren)
    @sound = @maren.assets.create!(kind: "sound", name: "Foghorn", content_type: "audio/mp4", file: { io: StringIO.new("horn"), filename: "horn.m4a" })
    lay(@page, { "kind" => "picture", "id" => "boat", "x" => 0, "y" => 0, "width" => 40, "height" => 30, "picture" => @picture.id })
    @quiz = @lesson.activities.create!(title: "Horns", kind: "true_false", content: { "sentences" => [ { "ask" => { "text" => "It is a horn.", "sound" => @sound.id }, "true" => true } ] })
  end

  def offer(address = @ivo.email)
    sign_in @maren
    post lesson_handover_path(@lesson), params: { address: address }
  end

  test "it waits until the colleague takes it, with a letter, and stays where it was until then" do
    assert_enqueued_emails(1) { offer(" #{@ivo.email.upcase}") }
    get root_path
    assert_select ".lesson-card", /Waits for #{@ivo.email}/
    get lesson_path(@lesson)
    assert_response :success
    sign_in @ivo
    get root_path
    assert_select "[aria-label='Handed to you']", /Maren hands “Tides” over to you/
    get lesson_path(@lesson)
    assert_response :not_found
  end

  test "taken, it is theirs with what it shows, and not the giver's any more" do
    seat = seat(sit(@lesson))
    attempt = @quiz.deal(to: Participant.of(seat))
    offer
    sign_in @ivo
    patch handover_path(@lesson.handover)
    assert_redirected_to root_path
    assert_equal [ @ivo, nil ], @lesson.reload.then { |lesson| [ lesson.teacher, lesson.sitting ] }
    get picture_path(@picture)
    assert_response :success
    assert_equal [ 1, attempt ], [ @lesson.sittings.sum { |sitting| sitting.seats.count }, @quiz.attempts.first ]
    lay(@page.reload, { "kind" => "picture", "id" => "again", "x" => 90, "y" => 90, "width" => 40, "height" => 30, "picture" => @picture.id })
    @quiz.reload.update!(content: { "sentences" => [ { "ask" => { "text" => "It was a horn.", "sound" => @sound.id }, "true" => true } ] })
    sign_in @maren
    get lesson_path(@lesson)
    assert_response :not_found
    get picture_path(@picture)
    assert_response :success
  end

  test "files of the giver's that the lesson does not show stay the giver's alone" do
    other = picture_of(@maren)
    offer
    @lesson.handover.take(@ivo)
    assert_equal [ [ @picture.id ], [ @sound.id ] ], Access.for(teacher: @ivo).then { |access| [ access.pictures.ids, access.assets.ids ] }
    sign_in @ivo
    get picture_path(other)
    assert_response :not_found
    patch stored_file_path(@sound), params: { name: "Mine" }
    assert_response :not_found
  end

  test "when the giver leaves, what others show becomes theirs" do
    offer
    @lesson.handover.take(@ivo)
    Teacher.where.not(id: @maren).update_all(administrator: true)
    @maren.reload.destroy!
    assert_equal [ @ivo ] * 2, [ @picture.reload.teacher, @sound.reload.teacher ]
    sign_in @ivo
    get picture_path(@picture)
    assert_response :success
  end

  test "what lies away in the giver's store room is not forgotten as long as a colleague may show it" do
    shown = @maren.assets.create!(kind: "picture", name: "Boat", content_type: "image/svg+xml", picture: @picture)
    [ @sound, shown ].each { |asset| asset.update!(away_at: 1.year.ago) }
    offer
    @lesson.handover.take(@ivo)
    Asset.forget
    assert Asset.exists?(@sound.id)
    assert Picture.exists?(@picture.id)
  end

  test "it can be taken back, refused, and offered to another" do
    offer
    post lesson_handover_path(@lesson), params: { address: "tern@gullpoint.example" }
    assert_equal [ "tern@gullpoint.example" ], Handover.pluck(:address)
    delete lesson_handover_path(@lesson)
    assert_empty Handover.all
    offer
    sign_in @ivo
    delete handover_path(@lesson.handover)
    assert_equal [ 0, @maren ], [ Handover.count, @lesson.reload.teacher ]
  end

  test "who has an account here is not said, and nonsense is refused" do
    assert_no_enqueued_emails { offer("nobody@gullpoint.example") }
    assert_equal "“Tides” waits for nobody@gullpoint.example. It stays yours until they take it.", flash[:notice]
    offer("nobody")
    assert_equal "That does not look like an email address.", flash[:alert]
    offer(@maren.email)
    assert_equal "That is your own address.", flash[:alert]
    offer(@ivo.email)
    @lesson.bin
    sign_in @ivo
    patch handover_path(@lesson.handover)
    assert_response :not_found
  end
end
