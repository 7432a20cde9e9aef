require "test_helper"

# What stands before the application: how much is taken in, and who is believed.
class DoorsTest < ActionDispatch::IntegrationTest
  include World

  setup { @owner = teacher("owner") }

  test "a body that is too large is refused before it is parsed, whoever sends it and wherever" do
    swollen = "[#{'[],' * 300_000}[]]"
    %w[/session /seat /lessons /lessons.json /pictures/1/clearing /bank /nowhere /formula].each do |path|
      started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      post path, params: swollen, headers: { "Content-Type" => "application/json" }
      assert_response 413, path
      assert_equal ::Doors::BodyLimits::REFUSAL, response.body
      assert_operator Process.clock_gettime(Process::CLOCK_MONOTONIC) - started, :<, 1
    end
    patch "/preferences", params: swollen, headers: { "Content-Type" => "application/json" }
    assert_response 413
  end

  test "text where a form is meant is refused, whatever it says it is" do
    sign_in @owner
    mine = lesson(@owner)
    { post: { "/lessons" => "lesson" }, patch: { "/lessons/#{mine.id}" => "lesson", "/school" => "school", "/account" => "teacher", "/takes/#{Take.start(mine.pages.first.showing).id}" => "take" } }.each do |verb, forms|
      forms.each do |path, form|
        [ "1", [ "1" ] ].each do |value|
          send(verb, path, params: { form => value }, headers: { "Accept" => "application/json" })
          assert_response :unprocessable_entity, "#{path} #{value}"
        end
      end
    end
    assert_equal "Tides", mine.reload.title
    assert_equal [ mine ], @owner.lessons.to_a
  end

  test "what a route takes is let through to it" do
    sign_in @owner
    post "/pages/#{lesson(@owner).pages.first.id}/operations", params: "[#{' ' * 2.megabytes}]", headers: { "Content-Type" => "application/vnd.usher.operations+json", "Accept" => "application/json" }
    assert_response :unprocessable_entity
    assert_match(/Send 1 to 50/, response.body)
    post "/pictures", params: { file: upload(png + "x" * 3.megabytes, "boat.png") }
    refute_equal 413, response.status
  end

  test "JSON that is nested deeper than anything of ours, and too many parameters, are refused" do
    post "/session", params: "[" * 5_000 + "]" * 5_000, headers: { "Content-Type" => "application/json", "Accept" => "application/json" }
    assert_response :unprocessable_entity
    post "/session", params: Array.new(6_000) { |n| "a#{n}=1" }.join("&")
    assert_response :bad_request
  end

  test "what cannot be read, or is wanted in a form that nobody offers, is refused and not a fault of ours" do
    sign_in @owner
    lesson = lesson(@owner)
    cut = { "Content-Type" => "multipart/form-data; boundary=x" }
    { [ :get, "/bank?about=%FF%FE" ] => 400, [ :get, "/lessons/#{lesson.id}?a[b]=1&a[]=2" ] => 400, [ :post, "/session?q=%FF%FE" ] => 400,
      [ :get, "/lessons/#{lesson.id}", nil, { "Accept" => "application/json" } ] => 406, [ :get, "/bank.svg" ] => 406,
      [ :post, "/lessons", "--x\r\nContent-Disposition: form-data; name=\"title\"; filename=\"a\"\r\n\r\nabc\r\n", cut ] => 400 }.each do |(verb, path, body, headers), code|
      with_error_pages { send(verb, path, params: body, headers: headers.to_h) }
      assert_equal code, response.status, path
    end
  end

  test "a file where a password is meant is no password" do
    post session_path, params: { email: @owner.email, password: upload("null", "a.png") }
    assert_response :unprocessable_entity
    post session_path, params: { email: { a: 1 }, password: [ "x" ] }
    assert_response :unprocessable_entity
  end

  test "a device whose page has gone is told so" do
    sitting = sit(lesson(@owner))
    post "/seat", params: { code: sitting.code, name: "Wren" }
    sitting.page.update_columns(binned_at: Time.current)
    get "/seat"
    assert_select "h1", "The doors are shut"
    get "/seat/page"
    assert_response :not_found
  end

  test "tries at one account are counted, whatever address is written into a header" do
    codes = Array.new(14) do |n|
      post session_path, params: { email: "#{' ' * (n % 2)}#{@owner.email.swapcase}", password: "guess #{n}" }, headers: { "X-Forwarded-For" => "203.0.113.#{n}", "Client-Ip" => "203.0.113.#{n}" }
      response.status
    end
    assert_equal [ [ 422 ] * 10, [ 302 ] * 4 ].flatten, codes
    post session_path, params: { email: @owner.email, password: World::PASSWORD }
    assert_redirected_to new_session_path
  end

  test "wrong codes are counted by where they come from, not by what a header says" do
    60.times { |n| post "/seat", params: { code: "zz#{n}", name: "Wren" }, headers: { "X-Forwarded-For" => "203.0.113.#{n}" } }
    assert_match(/Too many wrong codes/, response.body)
  end

  test "thirty children and their teachers come in from one address" do
    sitting = sit(lesson(@owner))
    30.times { |n| post "/seat", params: { code: sitting.code, name: "Child #{n}" } }
    assert_equal 30, sitting.seats.count
    12.times { |n| post session_path, params: { email: "nobody#{n}@gullpoint.example", password: "x" } }
    post session_path, params: { email: @owner.email, password: World::PASSWORD }
    assert_redirected_to root_path
  end

  test "a host in a header goes into no address" do
    get "/lessons", headers: { "X-Forwarded-Host" => "elsewhere.example", "X-Forwarded-Proto" => "https" }
    refute_match(/elsewhere|https/, response.location.to_s)
  end

  test "a proxy that is known is believed, and its own address is not taken for the one who asks" do
    seen = nil
    app = ::Doors::Proxies.new(->(env) { seen = env }, ::Doors::Proxies.read("10.0.0.2, 192.168.4.0/24"))
    said = { "HTTP_X_FORWARDED_FOR" => "203.0.113.9", "HTTP_X_FORWARDED_HOST" => "usher.gullpoint.example" }
    { "10.0.0.2" => true, "192.168.4.77" => true, "192.168.5.1" => false, "::1" => false, "" => false, nil => false }.each do |address, believed|
      app.call("REMOTE_ADDR" => address, **said)
      assert_equal believed, seen.key?("HTTP_X_FORWARDED_FOR"), address.inspect
      assert_equal believed, seen.key?("HTTP_X_FORWARDED_HOST"), address.inspect
    end
    assert_raises(IPAddr::Error) { ::Doors::Proxies.read("the proxy") }
  end

  test "what is read carries a digest, the answer to a deed none" do
    page = lesson(@owner).pages.first
    sign_in @owner
    get "/lessons"
    assert response.headers["ETag"]
    operate(page, { verb: "put", items: [ note("n1") ] })
    assert_response :success
    assert_nil response.headers["ETag"]
  end
end
