# Links from one slide to another become links to pages once all of them are there. What that changes is an operation in the log
# like any other; nobody's undo touches it.
module Import::Jumps
  # As somebody who does something on a page.
  def actor = "import:#{id}"

  private

  # jumps: [[page, item, number of the slide], ...]. What a teacher has thrown away meanwhile stays away.
  def link_pages
    there = lesson.pages.reload.index_by(&:id)
    jumps.group_by(&:first).each do |number, list|
      page = there[number] or next
      links = list.to_h { |_, item, slide| [ item, target(slide, there) ] }.compact
      found = page.items.where(key: links.keys).map { |row| row.placed.item }
      page.perform({ "verb" => "together", "steps" => linking(found, links) }, id: SecureRandom.alphanumeric(20), by: self) if found.any?
    rescue Usher::Invalid
      next # somebody else changed it at that moment
    end
  end

  # The page that a slide became, nil where it is not among them.
  def target(slide, there) = (pages[slide - first] if slide.between?(first, last))&.then { |number| number if there.key?(number) }

  # What is pinned is free for as long as it takes.
  def linking(found, links)
    pinned = found.reject { |item| item.pinned == "no" }
    free, pin = [ ->(_) { "no" }, :pinned.to_proc ].map { |way| pinned.map { |item| { "id" => item.id, "set" => { "pinned" => way.call(item) } } } }
    changes = found.map { |item| { "id" => item.id, "set" => { "link" => { "to" => "page", "page" => links[item.id] } } } }
    [ free, changes, pin ].reject(&:empty?).map { |list| { "verb" => "change", "changes" => list } }
  end
end
