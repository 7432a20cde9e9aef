# What a share opens, for anybody who has the link, until it is withdrawn.
class SharesController < ApplicationController
  include Heavy
  layout "plain"

  before_action do
    @share = Access::Nobody.new.shares.find_by(token: params[:token].to_s)
    render :withdrawn, status: :not_found unless @share
  end

  def show = @lesson = @share.lesson

  def pdf
    send_data @share.pdf(turn: method(:wait_apart)), type: "application/pdf", disposition: :inline, filename: "#{@share.lesson.title.parameterize.presence || 'lesson'}.pdf"
  end
end
