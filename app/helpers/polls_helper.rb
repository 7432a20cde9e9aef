module PollsHelper
  # An answer in a line, where one is chosen to stand beside another.
  def beside_words(answer, names) = [ (answer.seat&.name if names), answer.poll.core.words(answer.value).truncate(40) ].compact.join(": ")
end
