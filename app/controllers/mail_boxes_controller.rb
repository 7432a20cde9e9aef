# The simulated mail box: letters that would have left if there were a mail server.
class MailBoxesController < ApplicationController
  include ForAdministrators

  def show = @letters = Letter.newest.limit(100)
end
