# Files of colleagues that a teacher may use (HandedFile).
module Teacher::Handed
  extend ActiveSupport::Concern

  included do
    has_many :handed_files, dependent: :delete_all
    before_destroy :pass_on, prepend: true
  end

  # They may use these, too, where they are not their own.
  def hand(pictures:, assets:)
    assets = assets.where.not(teacher: self).to_a
    drawn = pictures.where.not(teacher: self).ids | assets.filter_map(&:picture_id)
    rows = drawn.map { |id| { picture_id: id, asset_id: nil } } + assets.map { |asset| { picture_id: nil, asset_id: asset.id } }
    handed_files.insert_all(rows) if rows.any? # those they had been handed before are there
  end

  private

  # What others still show becomes theirs.
  def pass_on
    HandedFile.where(asset: assets.select(:id)).includes(:asset, :teacher).find_each { |file| file.asset.update_columns(teacher_id: file.teacher_id) if file.asset.teacher_id == id }
    HandedFile.where(picture: pictures.select(:id)).includes(:picture, :teacher).find_each do |file|
      file.picture.update_columns(teacher_id: file.teacher_id, origin: nil) if file.picture.teacher_id == id
    end
    reset_files
  end

  def reset_files = [ assets, pictures ].each(&:reset)
end
