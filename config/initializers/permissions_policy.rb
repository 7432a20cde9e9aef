Rails.application.config.permissions_policy do |policy|
  policy.camera :self
  policy.geolocation :none
  policy.usb :none
  policy.payment :none
  policy.microphone :self
  policy.fullscreen :self
end
