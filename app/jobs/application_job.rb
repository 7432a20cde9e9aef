class ApplicationJob < ActiveJob::Base
  discard_on ActiveJob::DeserializationError
  LONGEST = 1.hour # that one may take

  around_perform { |_job, work| Forked.run(seconds: LONGEST) { work.call && nil } }

  # What it worked on says so (`give_up`), where somebody looks at it.
  rescue_from(Forked::Failed) do |error|
    arguments.first.try(:give_up)
    raise error
  end
end
