# A line of the school's log: who signed in, exported, deleted or changed rights. Never what a lesson holds.
class Entry < ApplicationRecord
  # What is noted, in words.
  VERBS = {
    "came_in" => "signed in", "went_wrong" => "typed a wrong password", "went_out" => "signed out", "ended" => "ended a sign-in", "signed_up" => "asked for an account",
    "let_in" => "let in", "invited" => "invited", "sent_away" => "deleted the account of", "made_administrator" => "made an administrator", "made_teacher" => "took the rights of an administrator from",
    "password" => "changed the password", "reset" => "set a new password by letter", "address" => "changed the address", "factor" => "changed the second factor", "exported" => "exported", "deleted" => "deleted",
    "handed" => "handed a lesson over to", "took" => "took a lesson over from", "settled" => "changed what the school has settled"
  }.freeze
  KEPT = 1.year

  belongs_to :teacher, optional: true
  validates :verb, inclusion: { in: VERBS.keys }
  scope :newest, -> { order(id: :desc) }
  scope :old, -> { where(created_at: ...KEPT.ago) }

  # who: a Teacher, or what somebody said they are; about: whom or what it was done to, in a few words; request: where from.
  def self.note(verb, who:, about: nil, request: nil)
    create!(verb: verb, teacher: (who if who.is_a?(Teacher) && who.persisted?), who: PlainName.of(who.is_a?(Teacher) ? who.name : who.to_s).first(80), about: about&.first(120), address: request&.remote_ip)
  end

  def words = [ who, VERBS.fetch(verb), about ].compact.join(" ")
end
