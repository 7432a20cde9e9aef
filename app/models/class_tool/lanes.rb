# Lanes on a page: what they put there, and how each becomes a page of its own.
module ClassTool::Lanes
  extend ActiveSupport::Concern

  class_methods do
    # On the page the class looks at, or on an empty one behind it. id: of the operation that puts ropes and words there.
    # Raises Usher::Invalid.
    def lay_lanes(sitting, given, by:, empty: true, id: SecureRandom.alphanumeric(20))
      transaction do
        page = empty ? sitting.lesson.add_page(after: sitting.page) : sitting.page
        tool = put_up(sitting, "lanes", { **given.except("empty"), "page" => page.id, "size" => page.size }).tap { |one| one.update!(small: true) }
        put = { "verb" => "put", "items" => tool.tool.items { SecureRandom.alphanumeric(20) } }
        page.perform({ "verb" => "turn" }, id: SecureRandom.alphanumeric(20), by: by, layer: sitting.layer, during: Current.during) if empty
        page.perform(put, id: id, by: by, layer: sitting.layer, during: Current.during)
        tool
      end
    end
  end

  # What was written in each lane becomes a page of the lesson, behind the page they are on. Answers with the pages.
  def pages_of_lanes
    raise Usher::Invalid, "These are no lanes." unless kind == "lanes"
    page = sitting.lesson.pages.find_by(id: state["page"]) or raise Usher::Invalid, "The page with the lanes is not in this lesson any more."
    lanes = tool
    written = Item.where(page_id: page.id, layer: sitting.layer, gone: false).back_to_front.map(&:placed).reject { |placed| rope?(placed.item) }
    transaction do
      lanes.strips.each_with_index.inject([]) do |made, ((left, right), lane)|
        own = written.select { |placed| lanes.lane_of(placed.item.box) == lane }
        made << sitting.lesson.add_page(after: made.last || page, style: page.style.except("cues"), items: moved(own, (page.width - left - right) / 2.0))
      end
    end
  end

  private

  def rope?(item) = item.is_a?(Usher::Items::Line) && item.stroke == Usher::Colour::BRASS && item.dash == "dotted"

  # Copies with ids of their own, moved sideways.
  def moved(placed, across)
    Usher::Items.copies(placed.map(&:item), by: [ across, 0 ]) { SecureRandom.alphanumeric(20) }
  end
end
