require "test_helper"

class AccountsTest < ActionDispatch::IntegrationTest
  include ActiveJob::TestHelper

  FIRM = "spring tide today".freeze

  setup { @keeper = teacher("Maren") }

  test "whoever asks for an account waits until an administrator lets them in, and is told by letters" do
    ask_for_account
    assert_redirected_to new_session_path
    assert_match "asks for an account", letter_to(@keeper).text
    knock
    assert_redirected_to new_session_path
    assert_match(/waits for an administrator/, flash[:alert])
    sign_in @keeper
    patch school_teacher_path(Teacher.find_by!(email: "ivo@gullpoint.example")), params: { to: "let_in" }
    perform_enqueued_jobs
    assert_match new_session_url(host: "localhost", port: 3000), letter_to("ivo@gullpoint.example").text
    delete session_path
    knock
    assert_redirected_to root_path
  end

  test "where the school is open the link of the letter lets in, and looking at it alone does not" do
    School.current.update!(sign_up: "open")
    ask_for_account
    assert_redirected_to new_session_path
    link = letter_to("ivo@gullpoint.example").text[%r{/come-in/\S+}]
    get link
    assert_not Teacher.find_by!(email: "ivo@gullpoint.example").let_in?
    post link
    assert_redirected_to root_path
    delete session_path
    post link
    assert_redirected_to new_session_path, "the link is used up"
  end

  test "by invitation only, who has no letter gets no account, and who has one gets that address" do
    School.current.update!(sign_up: "invitation")
    ask_for_account
    assert_not Teacher.exists?(email: "ivo@gullpoint.example")
    sign_in @keeper
    post school_invitations_path, params: { email: "tern@gullpoint.example" }
    perform_enqueued_jobs
    delete session_path
    token = letter_to("tern@gullpoint.example").text[/invitation=(\S+)/, 1]
    ask_for_account "other@gullpoint.example", invitation: CGI.unescape(token)
    assert_redirected_to root_path
    assert_equal "tern@gullpoint.example", Teacher.last.email
  end

  test "neither signing up nor a forgotten password says whether an address has an account" do
    answers = [ "new@gullpoint.example", @keeper.email ].map do |email|
      ask_for_account email
      said = flash[:notice]
      post password_path, params: { email: email }
      [ response.location, said, flash[:notice] ]
    end
    assert_equal 1, answers.uniq.size
    assert_no_difference("Teacher.count") { ask_for_account @keeper.email }
    assert_match "has an account already", letter_to(@keeper, /Somebody used/).text
  end

  test "a forgotten password is set anew by the link of a letter, once, and ends what was signed in" do
    sign_in @keeper
    post password_path, params: { email: @keeper.email }
    perform_enqueued_jobs
    token = CGI.unescape(letter_to(@keeper).text[/token=(\S+)/, 1])
    patch password_path, params: { token: token, password: "password1234" }
    assert_select "[role=alert]", /does not do/
    patch password_path, params: { token: token, password: FIRM }
    get root_path
    assert_redirected_to new_session_path
    post session_path, params: { email: @keeper.email, password: FIRM }
    assert_redirected_to root_path
    patch password_path, params: { token: token, password: "another low tide here" }
    assert_redirected_to new_password_path
    travel 31.minutes do
      patch password_path, params: { token: @keeper.reload.generate_token_for(:password).reverse, password: FIRM }
      assert_redirected_to new_password_path
    end
  end

  test "passwords that are known or made of one's own name are refused with a reason" do
    [ "password1234", "1234567890", "marenmaren1", "qwertyuiop" ].each do |weak|
      owner = Teacher.new(name: "Maren", email: "m@gullpoint.example", password: weak)
      assert_not owner.valid?, weak
      assert_match(/does not do: .+/, owner.errors[:password].join)
    end
    assert Teacher.new(name: "Maren", email: "m@gullpoint.example", password: "x" * 73).invalid?
  end

  test "a changed password goes on here and ends everywhere else" do
    elsewhere = SignIn.start(@keeper, ActionDispatch::TestRequest.create)
    sign_in @keeper
    patch account_own_password_path, params: { present: "not it", password: FIRM }
    assert_match(/not that one/, flash[:alert])
    patch account_own_password_path, params: { present: World::PASSWORD, password: FIRM }
    get root_path
    assert_response :success
    assert_nil SignIn.behind(elsewhere)
  end

  test "whoever finds a browser open does not guess the password without end" do
    sign_in @keeper
    11.times { delete account_path, params: { password: "guess again" } }
    assert_match(/Too many tries/, flash[:alert])
    delete account_path, params: { password: [ World::PASSWORD ] }
    assert Teacher.exists?(@keeper.id)
  end

  test "a sign-in is listed, ended from elsewhere, and gone for whoever kept the cookie after signing out" do
    sign_in @keeper
    kept = cookies[:teacher]
    delete session_path
    cookies[:teacher] = kept
    get root_path
    assert_redirected_to new_session_path
    cookies.delete(:teacher)
    other = SignIn.start(@keeper, ActionDispatch::TestRequest.create("HTTP_USER_AGENT" => "Mozilla/5.0 (X11; CrOS) Chrome/126"))
    sign_in @keeper
    get account_path
    assert_select ".panel-list b", text: "Chrome on a Chromebook", count: 1
    delete account_sign_in_path(SignIn.behind(other))
    assert_nil SignIn.behind(other)
    get root_path
    assert_response :success
    mine = @keeper.sign_ins.last
    third = SignIn.start(@keeper, ActionDispatch::TestRequest.create)
    delete sign_ins_account_path
    assert_nil SignIn.behind(third)
    assert_equal [ mine ], @keeper.sign_ins.to_a
    travel 31.days
    get root_path
    assert_redirected_to new_session_path
  end

  test "an address changes once both letters are answered" do
    sign_in @keeper
    post account_move_path, params: { email: "keeper2@gullpoint.example", password: "wrong one" }
    assert_nil @keeper.reload.next_email
    post account_move_path, params: { email: " Keeper2@gullpoint.example", password: World::PASSWORD }
    perform_enqueued_jobs
    sides = [ @keeper.email, "keeper2@gullpoint.example" ].map { |email| letter_to(email).text[/account\/move\?\S+/] }
    sides.each { |link| get "/#{link}" }
    assert_response :success
    assert_nil @keeper.reload.reached_new_at, "looking changes nothing"
    sides.each { |link| patch "/#{link}" }
    assert_equal "keeper2@gullpoint.example", @keeper.reload.email
    patch "/#{sides.first}"
    assert_response :not_found
  end

  test "an account is deleted by its own password with all that is theirs; the last administrator stays" do
    other = teacher("Ivo")
    lesson(other)
    sign_in @keeper
    delete account_path, params: { password: World::PASSWORD }
    assert_match(/administrator/, flash[:alert])
    delete session_path
    sign_in other
    delete account_path, params: { password: "wrong" }
    assert Teacher.exists?(other.id)
    assert_difference("Lesson.count", -1) { delete account_path, params: { password: World::PASSWORD } }
    assert_not Teacher.exists?(other.id)
    get root_path
    assert_redirected_to new_session_path
  end

  test "an administrator shares the office, deletes accounts, and the log says so without what lessons hold" do
    other = teacher("Ivo")
    lesson(other).update!(title: "Secret tides")
    sign_in @keeper
    patch school_teacher_path(other), params: { to: "administrator" }
    assert other.reload.administrator?
    patch school_teacher_path(other), params: { to: "teacher" }
    patch school_teacher_path(@keeper), params: { to: "teacher" }
    assert @keeper.reload.administrator?, "a school keeps one"
    patch school_teacher_path(other), params: { to: { a: 1 } }
    assert_response :redirect
    delete school_teacher_path(other)
    assert_not Teacher.exists?(other.id)
    patch school_path, params: { school: { keep_days: 0 } }
    patch school_path, params: { school: { keep_days: 30, sign_up: "anybody" } }
    assert_equal [ 90, "approval" ], [ School.current.keep_days, School.current.sign_up ]
    patch school_path, params: { school: { keep_days: 30, sign_up: "open" } }
    get school_path
    [ /made an administrator Ivo/, /deleted the account of Ivo/, /changed what the school/ ].each { |words| assert_select ".panel-log", words }
    assert_not_includes Entry.all.to_json, "Secret"
    get privacy_path
    assert_select "li", /Kept for 30 days/
    assert_select "p", /Nothing leaves it: no outside service/
    ENV["USHER_COPY"] = "s3://gullpoint/usher"
    get privacy_path
    assert_select "p", /Nothing leaves it but a copy of everything/
  ensure
    ENV.delete("USHER_COPY")
  end

  test "what has been kept for long enough is forgotten" do
    sitting = sit(lesson(@keeper))
    old, _recent = seat(sitting), sitting
    School.current.update!(keep_days: 10)
    travel 9.days
    ForgetJob.perform_now
    assert Seat.exists?(old.id)
    travel 2.days
    ForgetJob.perform_now
    assert_not Seat.exists?(old.id)
  end

  test "a second factor is switched on by a code, asked for at the door, and each code lets in once" do
    freeze_time # the same code until it travels
    sign_in @keeper
    post account_factor_path, params: { password: "wrong" }
    assert_nil @keeper.reload.factor_secret
    post account_factor_path, params: { password: World::PASSWORD }
    app = ROTP::TOTP.new(css_select("code").text.delete(" "))
    assert_not_includes @keeper.reload.factor_secret, app.secret
    patch account_factor_path, params: { code: "000000" }
    assert_not @keeper.reload.factor?
    patch account_factor_path, params: { code: app.now }
    codes = css_select(".codes code").map { |code| code.text.delete(" ") }
    assert_equal [ true, 8 ], [ @keeper.reload.factor?, codes.size ]
    delete session_path
    sign_in @keeper
    assert_redirected_to new_factor_path
    get root_path
    assert_redirected_to new_session_path
    post factor_path, params: { code: app.now }
    assert_response :unprocessable_entity, "used when it was switched on"
    travel 31.seconds
    post factor_path, params: { code: app.now }
    assert_redirected_to root_path
    [ true, false ].each do |first|
      delete session_path
      sign_in @keeper
      post factor_path, params: { code: codes.first.upcase }
      assert_equal first, response.redirect?
    end
    11.times { post factor_path, params: { code: "123456" } }
    assert_match(/Too many tries/, flash[:alert])
    travel 6.minutes
    post factor_path, params: { code: codes.last }
    assert_redirected_to new_session_path, "the half way in has run out"
    sign_in @keeper
    post factor_path, params: { code: codes.last }
    delete account_factor_path, params: { password: World::PASSWORD }
    assert_not @keeper.reload.factor?
  end

  test "everything that is a teacher's is taken along in one file, and nothing of anybody else's" do
    tides = lesson(@keeper)
    lay(tides.pages.first, note("boots", text: "Boots at ebb"))
    activity(tides)
    @keeper.assets.take_in(upload("The tide turns at noon.", "tide: \u202Etables.txt"))
    lesson(teacher("Ivo")).update!(title: "Not mine")
    sign_in @keeper
    post account_archive_path, params: { password: "wrong" }
    assert_response :redirect
    post account_archive_path, params: { password: World::PASSWORD }
    entries = {}
    Zip::InputStream.open(StringIO.new(response.body)) { |zip| while (one = zip.get_next_entry) do entries[one.name] = zip.read.to_s.force_encoding("UTF-8") end }
    kept = JSON.parse(entries.fetch("lessons/#{tides.id}-tides/lesson.json"))
    assert_equal [ "Boots at ebb", "sort" ], [ kept.dig("pages", 0, "things", 0, "text"), kept.dig("activities", 0, "kind") ]
    assert_match(/<svg.*Boots/m, entries.fetch("lessons/#{tides.id}-tides/page-1.svg"))
    assert_equal "The tide turns at noon.", entries.find { |name, _| name.start_with?("files/") && name.end_with?("tables.txt") }.last
    assert_not_includes entries.keys.join, "not-mine"
    assert_equal "exported", Entry.last.verb
  end

  private

  def ask_for_account(email = "ivo@gullpoint.example", **more)
    post teacher_path, params: { teacher: { name: "Ivo Brand", email: email, password: FIRM }, **more }
    perform_enqueued_jobs
  end

  def knock = post(session_path, params: { email: "ivo@gullpoint.example", password: FIRM })
  def letter_to(whom, about = //) = Letter.newest.find { |letter| letter.to == (whom.is_a?(Teacher) ? whom.email : whom) && letter.subject.match?(about) }
end
