class AttemptsController < ApplicationController
  include Plays

  def show = show_go(attempt, solved: params[:solved].present?)
end
