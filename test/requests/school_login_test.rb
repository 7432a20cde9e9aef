require "test_helper"
require_relative "../support/simulated_accounts"

class SchoolLoginTest < ActionDispatch::IntegrationTest
  include ActionMailer::TestHelper

  setup do
    @accounts = SimulatedAccounts.new
    @accounts.person = { email: "Ivo@gullpoint.example", name: "Ivo Strand" }
    { "ISSUER" => @accounts.issuer, "CLIENT" => "usher", "SECRET" => "seagull-secret" }.each { |name, value| ENV["USHER_OIDC_#{name}"] = value }
    @maren = teacher("Maren")
  end

  teardown do
    %w[ISSUER CLIENT SECRET].each { |name| ENV.delete("USHER_OIDC_#{name}") }
    @accounts.close
  end

  def there
    get new_school_login_path
    response.location
  end

  def there_and_back = get(@accounts.authorize(there))

  test "a teacher comes in by the school's account, and it is the same teacher for ever" do
    ivo = Teacher.create!(name: "Ivo", email: "ivo@gullpoint.example", password: World::PASSWORD)
    get new_session_path
    assert_select "a[href='#{new_school_login_path}']"
    there_and_back
    assert_redirected_to root_path
    follow_redirect!
    assert_response :success
    assert_equal [ "#{@accounts.issuer} 4711", 1 ], ivo.reload.then { |one| [ one.school_login, one.sign_ins.count ] }
    @accounts.person = { email: "i.strand@gullpoint.example", name: "Ivo Strand" }
    reset!
    there_and_back
    assert_redirected_to root_path
    assert_equal 2, ivo.sign_ins.count
  end

  test "who is new asks for an account, comes in, or needs an invitation, as the school has settled" do
    assert_enqueued_emails(1) { there_and_back }
    assert_redirected_to new_session_path
    assert_equal [ "Ivo Strand", false ], Teacher.last.then { |one| [ one.name, one.let_in? ] }
    Teacher.last.destroy!
    School.current.update!(sign_up: "invitation")
    there_and_back
    assert_equal [ 1, "Accounts in this school are made by invitation. Ask your administrator." ], [ Teacher.count, flash[:alert] ]
    School.current.update!(sign_up: "open")
    there_and_back
    assert_redirected_to root_path
  end

  test "a key is found by its name, where it has one" do
    @accounts.person = { email: @maren.email }
    @accounts.twist = ->(said, key) { JSON::JWT.new(said).sign(JSON::JWK.new(key, kid: "ebb"), :RS256).to_s }
    there_and_back
    assert_redirected_to new_session_path
    @accounts.kid = "ebb"
    there_and_back
    assert_redirected_to root_path
  end

  test "a second factor is asked for all the same" do
    @accounts.person = { email: @maren.email }
    @maren.begin_factor
    @maren.update!(factor_at: Time.current)
    there_and_back
    assert_redirected_to new_factor_path
    assert_empty @maren.sign_ins
  end

  test "what is not the school's word lets nobody in" do
    other = OpenSSL::PKey::RSA.new(2048)
    twists = {
      "another's key" => ->(said, _) { JSON::JWT.new(said).sign(other, :RS256).to_s }, "no signature" => ->(said, _) { JSON::JWT.new(said).to_s },
      "the public key as a secret" => ->(said, key) { JSON::JWT.new(said).sign(key.public_key.to_pem, :HS256).to_s }, "for another" => ->(said, key) { JSON::JWT.new(said.merge(aud: "ferry")).sign(key, :RS256).to_s },
      "by another" => ->(said, key) { JSON::JWT.new(said.merge(iss: "http://tern.example")).sign(key, :RS256).to_s }, "run out" => ->(said, key) { JSON::JWT.new(said.merge(exp: 1.minute.ago.to_i)).sign(key, :RS256).to_s },
      "for another browser" => ->(said, key) { JSON::JWT.new(said.merge(nonce: "x")).sign(key, :RS256).to_s }, "no token" => ->(*) { "fog" },
      "an address nobody checked" => ->(said, key) { JSON::JWT.new(said.merge(email_verified: false)).sign(key, :RS256).to_s }
    }
    @accounts.person = { email: @maren.email }
    twists.each do |name, twist|
      @accounts.twist = twist
      there_and_back
      assert_redirected_to new_session_path, name
      assert flash[:alert].present?, name
      assert_empty @maren.sign_ins.reload, name
    end
  end

  test "a way back that this browser did not begin, or goes twice, leads nowhere" do
    @accounts.person = { email: @maren.email }
    back = @accounts.authorize(there)
    reset!
    get back
    assert_redirected_to new_session_path
    begun = there
    get "#{@accounts.authorize(begun)}x"
    assert_redirected_to new_session_path
    back = @accounts.authorize(there)
    2.times { get back }
    assert_redirected_to new_session_path
    get school_login_path, params: { code: { a: 1 }, state: [ 2 ] }
    assert_redirected_to new_session_path
    assert_equal 1, @maren.sign_ins.count
  end

  test "accounts that cannot be reached are said so; and without any there is no such door" do
    @accounts.close
    get new_school_login_path
    assert_redirected_to new_session_path
    assert_equal SchoolLogin::AWAY, flash[:alert]
    ENV.delete("USHER_OIDC_ISSUER")
    get new_session_path
    assert_select "a[href='#{new_school_login_path}']", 0
    get new_school_login_path
    assert_response :not_found
  end
end
