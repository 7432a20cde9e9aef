# Reads a take out of the log: winds its pages back to how they were at the start, and lists what
# happened from there.
class Take::Reading
  def initialize(take)
    @take = take
  end

  # Data for the player; see Usher::Takes::Reel.
  def reel
    Usher::Takes::Reel.new(pages: pages.to_h { |page| [ page.id, start(page) ] }, opening: @take.page_id,
      events: events, length: @take.length_ms,
      trail: Usher::Takes::Trail.read(@take.trail)).to_h
  end

  private

  def recorded = @recorded ||= @take.operations.where.not(take_ms: nil).order(:created_at, :id).to_a

  def pages
    Page.where(id: [ @take.page_id, *recorded.map(&:page_id) ].uniq).includes(:items)
  end

  def events
    recorded.map { |operation| { at: operation.take_ms, page: operation.page_id, operation: operation.payload } }
  end

  # As it was before the take's first operation on it; without one, as it was when the take began.
  def start(page)
    memory = Usher::Page::Memory.new(page.items.map(&:placed), style: page.style)
    later = page.operations.order(seq: :desc)
    first = recorded.find { |operation| operation.page_id == page.id }
    later = first ? later.where(seq: first.seq..) : later.where(created_at: @take.created_at..)
    Usher::Takes::Rewind.run(memory, later.pluck(:inverse))
  end
end
