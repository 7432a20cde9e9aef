# One question of a teacher's bank.
class BankQuestionsController < ApplicationController
  for_teachers

  def destroy
    teacher.bank_questions.find(params[:id]).destroy
    render plain: ""
  end
end
