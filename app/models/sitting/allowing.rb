# What the class may do on its devices.
module Sitting::Allowing
  extend ActiveSupport::Concern

  included { attribute :rights, PlainJson.new, default: -> { Usher::Classroom::Rights::USUAL } }

  def allowed = Usher::Classroom::Rights.new(rights)

  # names: of Usher::Classroom::Rights; what single students may beyond or less is over. Raises Usher::Invalid.
  def allow(names)
    transaction do
      update!(rights: Usher::Classroom::Rights.new(names).names)
      seats.where.not(rights: nil).update_all(rights: nil)
    end
    device_feed.publish(rights: allowed.names)
    tell_boards(roll: true)
  end

  # Whether students turn by themselves among the pages the class has been on.
  def let_turn(free)
    update!(paging: free)
    device_feed.publish(paging: free)
  end

  # Walls and devices load their page anew.
  def look_again
    [ wall_feed, device_feed ].each { |feed| feed.publish(fresh: true) }
    tell_boards(roll: true)
  end

  # Whose ink lies on a page: { item => name }.
  def authors_on(page)
    Item.where(page_id: page.id, layer: layer, gone: false).where.not(seat_id: nil).pluck(:key, :seat_id).then do |rows|
      names = seats.where(id: rows.map(&:last)).pluck(:id, :name).to_h
      rows.to_h { |key, seat| [ key, names[seat] ] }.compact
    end
  end
end
