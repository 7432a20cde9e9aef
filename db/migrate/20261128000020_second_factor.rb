class SecondFactor < ActiveRecord::Migration[7.2]
  def change
    change_table :teachers do |t|
      t.string :factor_secret # encrypted
      t.datetime :factor_at # since when it is asked for
      t.integer :factor_used_at # the second whose code was used last
      t.text :recovery # digests of the codes that are left
    end
  end
end
