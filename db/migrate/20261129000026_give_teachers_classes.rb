# Classes with their students, who come in with a code of their own; who may come into a lesson.
class GiveTeachersClasses < ActiveRecord::Migration[7.2]
  def change
    create_table :school_classes do |t|
      t.string :title, null: false
      t.date :delete_on # with all students; nil: not by itself
      t.timestamps
    end
    create_table :class_teachers do |t|
      t.references :school_class, null: false
      t.references :teacher, null: false, index: true
      t.index %i[school_class_id teacher_id], unique: true
    end
    create_table :students do |t|
      t.references :school_class, null: false
      t.string :name, null: false
      t.string :code, null: false, index: { unique: true }
      t.string :sourced_id # in the roster it came from
      t.timestamps
      t.index %i[school_class_id name], unique: true
    end
    add_reference :sittings, :school_class
    add_column :sittings, :entry, :string, null: false, default: "any" # "any": with a name; "list": from the class list alone
    add_column :sittings, :waits, :boolean, null: false, default: false # whether who comes in waits until the teacher lets them
    add_reference :seats, :student
    add_column :seats, :waiting, :boolean, null: false, default: false
  end
end
