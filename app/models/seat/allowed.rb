# What the teacher lets a student do, and where it is done: with the class, or on a copy of their own.
module Seat::Allowed
  extend ActiveSupport::Concern

  included do
    attribute :rights, PlainJson.new # names, or nil where it is as for the class
    has_many :layers, dependent: :destroy
  end

  def actor = "seat:#{id}"
  def author = id

  def allowed = Usher::Classroom::Rights.new(rights || sitting.rights)
  def may?(right) = allowed.may?(right)

  # names: of Usher::Classroom::Rights, or nil for what the class may. Raises Usher::Invalid.
  def allow(names)
    Usher::Classroom::Rights.new(names) if names
    update!(rights: names)
    tell_rights
  end

  # The layer of its copy of the pages, or of its group's; made when it is first written on.
  def copy = group_name ? Layer.find_by(kind: "group", sitting_id: sitting_id, group_name: group_name) : layers.find_by(kind: "seat")
  def copy! = copy || (group_name ? sitting.layer.over("group", sitting: sitting, group_name: group_name) : sitting.layer.over("seat", seat: self))

  # What it is shown: the class's pages, or its copy of them.
  def viewer = Viewer.device(sitting, (copy if may?("copy")))

  # Does something on a page. Answers with a Patch. Raises Usher::Invalid.
  def perform(page, operation, id:)
    allowed.check(operation)
    layer = may?("copy") ? copy! : sitting.layer
    reach!(page, operation, layer)
    page.perform(operation, id: id, by: self, layer: layer, during: Live::Recording.moment(layer))
  end

  def tell_rights
    sitting.device_feed.publish(to: address, rights: allowed.names)
    tell_board
  end

  # Whose ink it is stays with it; whether it is seen is the teacher's.
  def hide_ink(hidden)
    update!(ink_hidden: hidden)
    sitting.look_again
  end

  # Takes everything off that it wrote with the class. Each page's is one step of the teacher's, to be taken back.
  def take_off_ink(by:)
    Item.where(layer: sitting.layer, seat_id: id, gone: false).pluck(:page_id, :key).group_by(&:first).each do |page, keys|
      Page.find(page).perform({ "verb" => "remove", "ids" => keys.map(&:last) }, id: SecureRandom.alphanumeric(20), by: by, layer: sitting.layer)
    end
  end

  private

  # With the class a student takes away only what is their own, and moves only what the device shows; the core says
  # what of that is pinned.
  def reach!(page, operation, layer)
    ids = operation["ids"]
    return unless ids.is_a?(Array) && ids.all?(String)
    mine = layer.items.where(page_id: page.id, key: ids)
    mine = mine.where(seat_id: id) unless layer.copy?
    return if operation["verb"] == "remove" && mine.count == ids.uniq.size
    return if operation["verb"] == "move" && page.showing(viewer).items.reorder(nil).open.where(key: ids).count == ids.uniq.size
    raise Usher::Invalid, operation["verb"] == "move" ? "That cannot be moved from here." : "You can only take off what you wrote yourself."
  end
end
