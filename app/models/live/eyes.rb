# Whether all eyes are wanted in front: then the wall and the devices of a sitting are dim.
module Live::Eyes
  KEPT = 1.hour

  module_function

  def on?(sitting) = Live::Counts.store.read(key(sitting)) == true

  def want(sitting, on)
    on ? Live::Counts.store.write(key(sitting), true, expires_in: KEPT) : Live::Counts.store.delete(key(sitting))
    [ sitting.wall_feed, *(sitting.device_feed if sitting.open?) ].each { |feed| feed.publish(eyes: on) }
  end

  def key(sitting) = "eyes:#{sitting.id}"
end
