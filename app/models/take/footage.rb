# What a film is asked of (Usher::Takes::Film): the chunks and drawings of a take, as they are kept.
class Take::Footage
  def initialize(take)
    @take = take
  end

  # The chunk that covers a millisecond.
  def chunk(ms)
    kept = @take.chunks.reorder(from_ms: :desc).find_by(from_ms: ..[ ms, 0 ].max) or raise Usher::Invalid, "This take has nothing to show."
    Usher::Documents.read(:chunk, kept.data)
  end

  # { number => drawing }.
  def cels(numbers) = @take.cels.where(id: numbers).pluck(:id, :svg, :ink).to_h { |number, svg, ink| [ number, { "svg" => svg, "ink" => ink } ] }
end
