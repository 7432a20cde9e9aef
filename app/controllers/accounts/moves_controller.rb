# Another address for an account, which a letter at both confirms.
class Accounts::MovesController < ApplicationController
  include AsksPassword
  for_teachers only: :create
  asks_password only: :create

  def create
    teacher.ask_to_move(params[:email].to_s)
    redirect_to account_path, notice: "Two letters are on their way: one to each address. Open the link in both."
  end

  # The link of a letter only shows a button: what is looked at changes nothing.
  def show
    find
    render layout: "plain"
  end

  def update
    find
    moved = @teacher.confirm_move(params[:side])
    Entry.note("address", who: @teacher, request: request) if moved
    redirect_to new_session_path, notice: moved ? "Your address is changed." : "Thank you. It changes once the other address is confirmed too."
  end

  private

  def find
    side = Teacher::Moving::SIDES.keys.find { |name| name == params[:side] }
    @teacher = side && Teacher.find_by_token_for(:"address_#{side}", params[:token].to_s)
    raise ActiveRecord::RecordNotFound unless @teacher&.next_email
  end
end
