# One entry of the log.
class Operation < ApplicationRecord
  belongs_to :page
  belongs_to :take, optional: true
  belongs_to :undoes, class_name: "Operation", optional: true
end
