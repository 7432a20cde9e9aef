# Where something of the store room is in use.
module Asset::Uses
  # Pages of lessons that are not in the bin, in the order of their lessons.
  def pages
    own = Item.where(asset_id: id)
    own = own.or(Item.where(picture_id: picture_id)) if picture_id && kind != "set"
    own = own.or(Item.where(activity_id: activities.map(&:id)))
    used = Page.kept.where(id: own.select(:page_id))
    used = used.or(Page.kept.where(picture_id: picture_id)) if picture_id
    used.where(lesson: teacher.lessons.kept).includes(:lesson).order(:lesson_id, :position)
  end

  # Activities whose content names it, as they are now.
  def activities
    named = { "picture" => (picture_id unless kind == "set"), "sound" => (id if kind == "sound") }.compact.map { |part, number| %("#{part}":#{number}) }
    likely = named.map { |name| Edition.where("content LIKE ?", "%#{name}%") }.inject(:or) or return []
    Activity.where(lesson: teacher.lessons.kept, id: likely.select(:activity_id)).select { |activity| named.any? { |name| activity.edition.content.to_json.match?(/#{name}\b/) } }
  end

  # "“Tides”, page 2 and page 5; “Ropes”, page 1", or nil where it is not used.
  def uses_in_words
    pages.group_by(&:lesson).map { |lesson, found| "“#{lesson.title}”, #{found.map { |page| "page #{page.number}" }.to_sentence}" }.join("; ").presence
  end
end
