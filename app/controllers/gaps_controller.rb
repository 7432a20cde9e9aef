# Proposes which words of a text to leave out: where they begin, the best first, and how many of them suit it.
class GapsController < ApplicationController
  include AsksCore

  TEXT = Usher::Types::Line.new(Usher::Activities::Kinds::Gaps::TEXT)

  def create
    proposer = Usher::Activities::Kinds::Gaps::Proposer.new(Usher::Invalid.about("The text") { TEXT.call(asked["text"]) })
    render json: { from: proposer.chosen(Usher::Activities::Kinds::Gaps::GAPS.end).map(&:from), usual: proposer.usual }
  end
end
