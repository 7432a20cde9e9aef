class ImportJob < ApplicationJob
  def perform(import) = import.run
end
