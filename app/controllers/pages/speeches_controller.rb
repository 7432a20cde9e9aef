# A thing on a page, read aloud: its text, or what its picture shows.
class Pages::SpeechesController < ApplicationController
  include Sandboxed, Streams, Heavy
  for_teachers_and_students only: :show

  USUAL = { language: "en-gb", speed: 150 }.freeze # words a minute

  def show
    words = reach { |access| access.spoken(params[:page_id], params[:item].to_s, params[:sitting]) }
    sandbox
    stream Utterance.of(words, language: params[:language].presence || USUAL[:language], speed: speed, turn: method(:wait_for_turn)).sound
  end

  private

  # In steps, so that nobody can have a text spoken in hundreds of ways.
  def speed = params[:speed].to_s.match?(/\A\d{2,3}\z/) ? params[:speed].to_i.round(-1) : USUAL[:speed]
end
