# Tells open sockets that what they came in by has ended.
module Live::Ends
  def self.name_of(record) = "end:#{record.model_name.singular}:#{record.id}"
  def self.of(record) = say(name_of(record))

  def self.say(name)
    return Forked.tell(Live::Ends, :say, name) if Forked.inside?
    Live::Relay.say(name, "end")
  end
end
