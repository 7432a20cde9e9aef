# Pasted rich text, made into plain values.
class RichTextsController < ApplicationController
  include AsksCore

  def create = render(json: Usher::Formats::Html::Reader.read(asked["html"]))
end
