require "csv"

# How a class did in one edition of an activity: each participant's go, question by question, and what was answered
# wrongly most often.
class Activity::Results
  # attempt: the last finished go, or else the last begun; first: { question => right at the first try, nil before it was
  # marked }; wrong: { question => wrong tries }.
  Row = Struct.new(:name, :attempt, :first, :wrong, :goes)
  MOST = 5 # wrong answers that are told

  attr_reader :activity, :edition

  def initialize(activity, number = nil)
    @activity = activity
    @edition = activity.editions.find_by(number: number) || played.last || activity.edition
  end

  # The editions that somebody has played, the oldest first.
  def played = @played ||= activity.editions.where(id: Attempt.where.not(participant: nil).select(:edition_id)).to_a

  def questions = edition.kind_of.questions

  def rows
    @rows ||= goes.group_by(&:participant).map do |participant, mine|
      attempt = mine.select(&:over?).last || mine.last
      score = attempt.play.score
      Row.new(participant.name, attempt, score.first, score.wrong, mine.size)
    end.sort_by { |row| row.name.downcase }
  end

  # The question that fewest had right at the first try; nil where all are the same.
  def hardest
    shares = questions.each_index.to_h { |index| [ index, rows.count { |row| row.first[index] } ] }
    shares.min_by(&:last).first if shares.values.uniq.size > 1
  end

  # [[question, wrong answer in words, how often], ...], the most frequent first.
  def missteps = @missteps ||= goes.flat_map(&:missteps).tally.sort_by { |_, count| -count }.first(MOST).map { |(question, answer), count| [ questions[question], answer, count ] }

  def to_csv
    CSV.generate do |csv|
      csv << [ "Name", "Points", "Of", "Seconds", "Goes", "Ended", *questions.flat_map { |words| [ "#{words}: first try", "#{words}: wrong tries", "#{words}: comment" ] } ].map { |cell| PlainCell.of(cell) }
      rows.each do |row|
        comments = row.attempt.remarks.to_h { |remark| [ remark.question, remark.comment ] }
        csv << [ row.name, row.attempt.points, row.attempt.most, row.attempt.seconds, row.goes, row.attempt.ended || "begun", *questions.each_index.flat_map { |index| [ { true => 1, false => 0 }[row.first[index]], row.wrong[index], comments[index] ] } ].map { |cell| PlainCell.of(cell) }
      end
    end
  end

  private

  def goes = @goes ||= edition.attempts.where.not(participant: nil).includes(:moves, :remarks, participant: :seat).order(:id).to_a
end
