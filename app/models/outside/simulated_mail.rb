# A mail server that delivers nothing: letters lie in the mail box, for the administrator to look at.
class Outside::SimulatedMail
  attr_accessor :settings

  def initialize(settings) = @settings = settings
  def deliver!(mail) = mail.destinations.each { |to| Letter.create!(to: to, subject: mail.subject, text: mail.body.decoded) }
end
