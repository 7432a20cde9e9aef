# Answers with what a feed said after a number, or 410 when that is no longer kept.
module Missed
  private

  def render_missed(feed, addresses: [])
    frames = feed.since(params[:from].to_s, Integer(params[:n], exception: false), addresses: addresses)
    frames ? render(json: "[#{frames.join(',')}]") : head(:gone)
  end
end
