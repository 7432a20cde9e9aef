class ApplicationJob < ActiveJob::Base
  discard_on ActiveJob::DeserializationError
  around_perform { |_job, work| Once.behind_others(&work) }
end
