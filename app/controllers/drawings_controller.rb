# A drawing of the library, to be looked at.
class DrawingsController < ApplicationController
  include Sandboxed
  for_teachers

  def show
    drawing = Library::Drawing.named(params[:id]) or raise ActiveRecord::RecordNotFound
    sandbox
    send_data drawing.svg, type: "image/svg+xml", disposition: :inline
  end
end
