# A page, a file or a link that the teacher has sent to devices.
class Handout < ApplicationRecord
  include Bounded, Sent

  KINDS = %w[page file link].freeze
  SAFE = Usher::Types::Address.new(schemes: %w[http https])

  attribute :opened, PlainJson.new

  at_most 300, per: :sitting_id, words: "That is a great deal for one lesson. Fetch something back first."

  belongs_to :page, optional: true
  belongs_to :asset, optional: true

  validates :kind, inclusion: { in: KINDS }

  class << self
    # what: { "page" => id }, { "file" => id } or { "link" => address }. seats: ids, or nil for all. Raises Usher::Invalid.
    def out(sitting, what, seats: nil)
      create!(sitting: sitting, seats: meant_for(sitting, seats), **facts(sitting, what)).tap(&:tell)
    end

    private

    def facts(sitting, what)
      kind = KINDS.find { |one| what[one].present? } or raise Usher::Invalid, "That is not in this lesson."
      { kind: kind, **send(kind, sitting.lesson, what[kind]) }
    rescue ActiveRecord::RecordNotFound
      raise Usher::Invalid, "That is not in this lesson."
    end

    def page(lesson, id) = lesson.pages.find(id).then { |page| { page: page, title: "Page #{page.number}" } }
    def file(lesson, id) = lesson.assets.find(id).then { |asset| { asset: asset, title: asset.name.first(100) } }

    def link(_lesson, typed)
      address = Usher::Invalid.about("The link") { SAFE.call(typed.to_s.strip) }
      { address: address, title: URI.parse(URI::DEFAULT_PARSER.escape(address)).host.to_s.first(100) }
    end
  end

  # Somebody has opened it.
  def open_by(seat)
    with_lock { update!(opened: opened | [ seat.id ]) } unless opened.include?(seat.id)
    seat.tell_board
  end

  # Of those who have opened it, the names.
  def opened_by = sitting.seats.where(id: opened).order(:name).pluck(:name)
end
