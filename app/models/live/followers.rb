# Who follows a lesson (Live::Group), as it was looked up last, for the whole process: a class that writes together says
# three hundred things a second. Looked up anew when somebody has heard of more than ink and pointers, and now and then.
module Live::Followers
  KNOWN = 20.0 # seconds
  MOST = 500 # lessons

  Known = Struct.new(:groups, :turn, :at)

  @known, @turns = Concurrent::Map.new, Concurrent::Map.new

  class << self
    # The groups of a lesson, by its id.
    def of(lesson_id)
      known, turn = @known[lesson_id], @turns[lesson_id]
      return known.groups if known && known.turn == turn && now - known.at < KNOWN
      forget_all if @known.size > MOST
      Live::Group.all(Lesson.find(lesson_id)).each { |group| group.viewer.layer.stack }.tap { |groups| @known[lesson_id] = Known.new(groups, turn, now) }
    end

    # Something has changed.
    def forget(lesson_id) = @turns.compute(lesson_id) { |turn| turn.to_i + 1 }

    def forget_all = @known.clear

    private

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  end
end
