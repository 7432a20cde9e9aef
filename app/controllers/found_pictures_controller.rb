# A picture that a search outside found, to be looked at.
class FoundPicturesController < ApplicationController
  include Sandboxed
  for_teachers

  def show
    found = Outside.picture_search.fetch(params[:id].to_s) or raise ActiveRecord::RecordNotFound
    clean = Picture::Intake.new(StringIO.new(found.bytes)).picture_attributes[:file]
    sandbox
    send_data clean[:io].read, type: clean[:content_type], disposition: :inline
  end
end
