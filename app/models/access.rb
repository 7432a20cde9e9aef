# Who may see and change what: the one place that says it. Every controller and channel reaches
# records only through the scopes of whoever asks; what is not in a scope does not exist for them.
module Access
  def self.for(teacher: nil, seat: nil)
    return Access::Owner.new(teacher) if teacher
    seat ? Access::Student.new(seat) : Access::Nobody.new
  end
end
