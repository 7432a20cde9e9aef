# Answers with what a feed said after a number, or 410 when that is no longer kept. showing: for those who only get
# what is to be seen now.
module Missed
  private

  def render_missed(feed, addresses: [], showing: nil)
    frames = feed.since(params[:from].to_s, Integer(params[:n], exception: false), addresses: addresses)
    return head(:gone) unless frames
    render json: showing ? Live::Replay.new(frames, showing) : "[#{frames.join(',')}]"
  end
end
