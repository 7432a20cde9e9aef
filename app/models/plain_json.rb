# JSON columns written and read by the json library itself. Active Record's own type goes through
# ActiveSupport's encoder, which visits every number of every stroke and costs twenty times as much.
class PlainJson < ActiveRecord::Type::Json
  def serialize(value) = value.nil? ? nil : JSON.generate(value)
  def deserialize(value) = value.is_a?(String) ? JSON.parse(value) : value
end
