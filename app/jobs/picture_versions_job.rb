class PictureVersionsJob < ApplicationJob
  def perform(picture) = picture.make_versions
end
