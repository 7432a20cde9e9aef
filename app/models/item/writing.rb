# Keeping many rows at once.
module Item::Writing
  KEY = %i[page_id key layer_id].freeze

  # rows: as Item.row makes them. One that is there already is replaced.
  def write(rows)
    return if rows.empty?
    first = rows.first
    shared, own = first.keys.partition { |column| rows.all? { |row| row[column].equal?(first[column]) } }
    connection_pool.with_connection do |connection|
      connection.execute_each(replacing(shared + own), serialized(shared, [ first ]).first, serialized(own, rows), "Item Write")
    end
  end

  private

  # Only what is no plain value of SQLite's needs its type.
  def serialized(columns, rows)
    types = columns.to_h { |column| [ column, type_for_attribute(column).then { |type| type if type.is_a?(PlainJson) } ] }
    rows.map { |row| types.map { |column, type| type ? type.serialize(row[column]) : row[column] } }
  end

  def replacing(columns)
    "INSERT INTO items (#{columns.map { |column| %("#{column}") }.join(', ')}) VALUES (#{columns.map { '?' }.join(', ')}) " \
      "ON CONFLICT (#{KEY.join(', ')}) DO UPDATE SET #{(columns - KEY).map { |column| %("#{column}" = excluded."#{column}") }.join(', ')}"
  end
end
