class AttemptsController < ApplicationController
  include Plays

  def show = htmx? || request.format.html? ? show_go(attempt, solved: params[:solved].present?) : head(:not_acceptable)
end
