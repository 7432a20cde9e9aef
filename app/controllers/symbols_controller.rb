# The symbols bank, or what of it a search finds.
class SymbolsController < ApplicationController
  for_teachers

  def show
    render partial: "symbols/bank", locals: { groups: Usher::Symbols.search(params[:q].to_s[0, 60]), recent: teacher.preferences["symbols"], searched: params[:q].present? }
  end
end
