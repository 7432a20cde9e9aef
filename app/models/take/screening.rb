# The film of a take: cut when it has been stopped, then shown from any moment on.
module Take::Screening
  extend ActiveSupport::Concern

  included do
    has_one_attached :reel # of a take of an earlier release, until it is cut
    attribute :opening, PlainJson.new
    attribute :chapters, PlainJson.new
  end

  # Usher::Takes::Film of it. One of an earlier release is cut when it is first wanted.
  def film
    cut if chunks.none? && (reel.attached? || opening)
    Usher::Takes::Film.new(Take::Footage.new(self))
  end

  private

  def cut
    transaction do
      cutter = opening ? cut_from_log : cut_from_reel
      chunks.delete_all
      chunks.insert_all!(cutter.chunks.map { |chunk| { from_ms: chunk["from"], data: Usher::Documents.write(chunk) } })
      update!(length_ms: cutter.length, chapters: cutter.chapters)
    end
    chunks.reset
  end

  def cut_from_log = Usher::Takes::Film::Cutter.new(opening: opening, events: happened, length: length_ms, trail: Usher::Takes::Trail.read(trail))

  # Operations and events on one clock; in the order of the log where they happened at the same moment.
  def happened
    done = operations.where.not(take_ms: nil).where.not(outcome: nil).order(:id).pluck(:take_ms, :page_id, :verb, :outcome).map do |ms, page, verb, outcome|
      { "at" => ms, "kind" => verb == "turn" ? "turn" : "patch", "page" => page, **outcome }
    end
    done + events.where.not(take_ms: nil).order(:id).pluck(:take_ms, :kind, :data).map { |ms, kind, data| { "at" => ms, "kind" => kind, "data" => data } }
  end

  def cut_from_reel
    document = Usher::Documents.read(:reel, JSON.parse(reel.download))
    cels.delete_all
    kept = 0
    Usher::Takes::Reel.new(document) { |page, item| Cel.create!(take: self, page_id: page, key: item["id"], seq: kept += 1, z: item["z"], svg: item["svg"], ink: item["ink"]).id }.cutter
  end
end
