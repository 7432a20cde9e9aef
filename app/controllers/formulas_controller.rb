# A formula as it will look.
class FormulasController < ApplicationController
  include AsksCore

  def create
    formula = Usher::Items.build("kind" => "formula", "id" => "look", "x" => 0, "y" => 0, "source" => asked["source"], "size" => 60)
    render json: { look: formula.draw, width: formula.width, height: formula.height }
  end
end
