class MediaCopyJob < ApplicationJob
  def perform(asset) = asset.make_copy
end
