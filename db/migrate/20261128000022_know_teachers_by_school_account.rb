class KnowTeachersBySchoolAccount < ActiveRecord::Migration[7.2]
  def change
    add_column :teachers, :school_login, :string # who they are to the school's own accounts: issuer and subject
    add_index :teachers, :school_login, unique: true
  end
end
