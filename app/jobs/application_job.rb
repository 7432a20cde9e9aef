class ApplicationJob < ActiveJob::Base
  discard_on ActiveJob::DeserializationError
  around_perform { |_job, work| Background.run(&work) }
end
