# One browser in which a teacher is signed in. The browser holds a token, the database only its digest; whoever ends
# it ends the sockets that came in by it too.
class SignIn < ApplicationRecord
  LONGEST = 30.days # without being used
  NOTED = 1.hour # how closely it is kept when it was last used

  belongs_to :teacher

  scope :standing, -> { where(seen_at: LONGEST.ago..) }
  scope :forgotten, -> { where(seen_at: ...LONGEST.ago) }

  after_destroy_commit { Live::Ends.of(self) }

  class << self
    # request: of the browser. Answers with the token it is known by from now on.
    def start(teacher, request)
      token = SecureRandom.urlsafe_base64(32)
      create!(teacher: teacher, digest: digest(token), address: request.remote_ip.to_s, agent: PlainName.of(request.user_agent.to_s).first(300), seen_at: Time.current)
      token
    end

    # The standing one with this token, or nil.
    def behind(token) = (find_by(digest: digest(token))&.then { |one| one if one.seen_at > LONGEST.ago } if token.is_a?(String))

    private

    def digest(token) = Digest::SHA256.hexdigest(token)
  end

  def see = (update_columns(seen_at: Time.current) if seen_at < NOTED.ago)

  # The browser and the system in plain words, as far as it says.
  def device
    browser = { "Edg/" => "Edge", "Firefox/" => "Firefox", "Chrome/" => "Chrome", "Safari/" => "Safari" }.find { |mark, _| agent.include?(mark) }&.last || "A browser"
    system = { "Android" => "Android", "iPhone" => "an iPhone", "iPad" => "an iPad", "Windows" => "Windows", "Mac OS" => "a Mac", "CrOS" => "a Chromebook", "Linux" => "Linux" }.find { |mark, _| agent.include?(mark) }&.last
    [ browser, system ].compact.join(" on ")
  end
end
