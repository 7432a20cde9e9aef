# Keeping many rows at once.
module Item::Writing
  KEY = %i[page_id key layer_id].freeze
  AT_ONCE = 10 # rows in one statement

  # rows: as Item.row makes them. One that is there already is replaced.
  def write(rows)
    return if rows.empty?
    first = rows.first
    shared, own = first.keys.partition { |column| rows.all? { |row| row[column].equal?(first[column]) } }
    same = serialized(shared, [ first ]).first
    connection_pool.with_connection do |connection|
      serialized(own, rows).each_slice(AT_ONCE).group_by(&:size).each do |size, slices|
        connection.execute_each(replacing(shared, own, size), same, slices.map { |slice| slice.flatten(1) }, "Item Write")
      end
    end
  end

  private

  # Only what is no plain value of SQLite's needs its type.
  def serialized(columns, rows)
    types = columns.to_h { |column| [ column, type_for_attribute(column).then { |type| type if type.is_a?(PlainJson) } ] }
    rows.map { |row| types.map { |column, type| type ? type.serialize(row[column]) : row[column] } }
  end

  # One statement for `size` rows, which share the values of its first placeholders.
  def replacing(shared, own, size)
    same = (1..shared.size).map { |number| "?#{number}" }
    rows = Array.new(size) { |row| "(#{[ *same, *own.each_index.map { |index| "?#{shared.size + row * own.size + index + 1}" } ].join(', ')})" }
    columns = shared + own
    "INSERT INTO items (#{columns.map { |column| %("#{column}") }.join(', ')}) VALUES #{rows.join(', ')} " \
      "ON CONFLICT (#{KEY.join(', ')}) DO UPDATE SET #{(columns - KEY).map { |column| %("#{column}" = excluded."#{column}") }.join(', ')}"
  end
end
