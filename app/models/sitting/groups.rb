# Groups of the class: names that seats bear. A group writes on one copy of the pages.
module Sitting::Groups
  def group_names = seats.where.not(group_name: nil).distinct.order(:group_name).pluck(:group_name)
  def members(name) = seats.where(group_name: name)

  # lists: of names, as the draw has made them. Who is not in the room is left out; whoever was in a group before leaves it.
  # Answers with how many have one.
  def group_by_lists(lists)
    transaction do
      seats.update_all(group_name: nil)
      lists.each_with_index { |names, index| seats.select { |seat| names.any? { |name| name.casecmp?(seat.name) } }.each { |seat| seat.update!(group_name: "Group #{index + 1}") } }
    end
    look_again
    seats.where.not(group_name: nil).count
  end

  # By size, as they sit: the ones that are here, shuffled.
  def group_by_chance(count)
    here = seats.where(out: nil, waiting: false).pluck(:name)
    raise Usher::Invalid, "There are #{here.size} in the room: choose 2 to #{here.size} groups." unless count.is_a?(Integer) && count.between?(2, here.size)
    chance = Usher::Classroom::Chance.new(Usher::Classroom::Chance.seed(SecureRandom), 0)
    group_by_lists(Usher::Classroom::Grouping.new(here, count: count, chance: chance).teams)
  end

  def no_groups
    seats.update_all(group_name: nil)
    look_again
  end

  # The copies on which something of a page is different.
  def copies_on(page)
    Layer.where(kind: "seat", seat: seats).or(Layer.where(kind: "group", sitting: self)).order(:id).includes(:seat).select { |copy| copy.touches?(page) }
  end

  # The seats that somebody named: all of a group, one, or everybody (nil).
  def whom(named)
    return if named.blank? || named == "all"
    kind, which = named.to_s.split(":", 2)
    kind == "group" ? members(which).ids : seats.where(id: which).ids
  end
end
