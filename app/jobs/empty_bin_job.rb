# What has been in the bin for longer than it is kept goes for good.
class EmptyBinJob < ApplicationJob
  def perform
    Lesson.forgotten.find_each(&:destroy!)
    Utterance.forgotten.find_each(&:destroy!)
    Page.forgotten.where.missing(:sittings, :takes).find_each(&:destroy!)
    Asset.forget
  end
end
