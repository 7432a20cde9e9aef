# What a teacher fills in to make an activity: a title, a table or a text, the settings of its kind, and its rules.
class Activity::Form
  LARGEST = 200_000 # bytes of a table

  attr_reader :activity, :refused

  # params: as they come from the form; none shows what the activity holds now.
  def initialize(activity, params = nil)
    @activity, @params, @refused = activity, params, []
  end

  def kind = Usher::Activities.registry.fetch(activity.kind)

  def title = @params ? @params[:title].to_s : activity.title
  def rows = @params ? table : made&.to_table || []
  def text = @params ? @params[:text].to_s : made&.to_text
  def picture = @params ? face : made&.to_picture
  def setting(name) = @params ? sent_setting(name) : made&.content&.fetch(name, nil)&.to_s

  # Which rules hold, as the form has them.
  def rule(name) = rules.fetch(name)

  # Keeps it: false where something is missing or clashes, which `refused` says in sentences.
  def keep = filled { activity.save }

  # The same without keeping it, and without asking for a title.
  def check
    filled do
      activity.title = "…" if title.blank?
      activity.valid?
    end
  end

  private

  def filled
    activity.title = title
    activity.rules = rules
    activity.content = kind.from_form(table: table, text: text, picture: face, settings: settings)
    return true if yield
    @refused = activity.errors.map(&:message).uniq
    false
  rescue Usher::Invalid => error
    @refused = [ error.message ]
    false
  end

  def made = @made ||= activity.edition&.kind_of

  def settings = kind.settings.to_h { |name, setting| [ name, setting.read(sent_setting(name)) ] }

  def sent_setting(name) = (@params[:settings][name]&.to_s if @params[:settings].respond_to?(:key?))

  def table = read(:table) || []
  def face = read(:picture)

  # A value that a maker's script sent as JSON.
  def read(name)
    raw = @params[name].to_s
    raise Usher::Invalid, "That table is too large." if raw.bytesize > LARGEST
    raw.empty? ? nil : JSON.parse(raw, max_nesting: 12)
  rescue JSON::ParserError
    raise Usher::Invalid, "The table did not arrive whole. Try it again."
  end

  # Numbers and flags come as text.
  def rules
    @rules ||= Usher::Activities::Rules::DEFAULTS.merge(kind.rules, activity.rules).merge(@params&.key?(:rules) ? sent_rules : {})
  end

  def sent_rules
    sent = @params[:rules].respond_to?(:to_unsafe_h) ? @params[:rules].to_unsafe_h : {}
    minutes = sent["minutes"].to_s.tr(",", ".").then { |text| Float(text, exception: false) }
    { "marked" => sent["marked"], "hints" => sent["hints"], "points" => Integer(sent["points"].to_s, 10, exception: false), "language" => sent["language"]&.to_s }.compact
      .merge("tries" => Integer(sent["tries"].to_s, 10, exception: false), "seconds" => minutes && (minutes * 60).round)
      .merge(%w[clock moves solution].to_h { |name| [ name, sent[name] == "1" ] })
  end
end
