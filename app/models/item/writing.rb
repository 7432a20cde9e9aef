# Keeping many rows at once.
module Item::Writing
  KEY = %i[page_id key layer_id].freeze

  # rows: as Item.row makes them. One that is there already is replaced.
  def write(rows)
    return if rows.empty?
    columns = rows.first.keys
    types = columns.to_h { |column| [ column, type_for_attribute(column) ] }
    connection_pool.with_connection do |connection|
      connection.execute_each(replacing(columns), rows.map { |row| types.map { |column, type| type.serialize(row[column]) } }, "Item Write")
    end
  end

  private

  def replacing(columns)
    "INSERT INTO items (#{columns.map { |column| %("#{column}") }.join(', ')}) VALUES (#{[ '?' ].cycle(columns.size).to_a.join(', ')}) " \
      "ON CONFLICT (#{KEY.join(', ')}) DO UPDATE SET #{(columns - KEY).map { |column| %("#{column}" = excluded."#{column}") }.join(', ')}"
  end
end
