# What only somebody who looks after the school may see. For others it does not exist.
module ForAdministrators
  extend ActiveSupport::Concern

  included do
    for_teachers
    before_action { raise ActiveRecord::RecordNotFound unless teacher.administrator? }
  end
end
