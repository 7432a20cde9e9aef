# Tells open sockets that what they came in by has ended.
module Live::Ends
  def self.name_of(record) = "end:#{record.model_name.singular}:#{record.id}"
  def self.of(record) = ActionCable.server.broadcast(name_of(record), "end", coder: nil)
end
