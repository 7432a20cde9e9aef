class AttemptsController < ApplicationController
  include Plays

  def show = request.format.html? ? show_go(attempt, solved: params[:solved].present?) : head(:not_acceptable)
end
