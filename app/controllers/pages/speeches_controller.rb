# A thing on a page, read aloud: its text, or what its picture shows.
class Pages::SpeechesController < ApplicationController
  include Sandboxed, Streams
  for_teachers_and_students only: :show

  def show
    words = reach { |access| access.spoken(params[:page_id], params[:item].to_s) }
    utterance = Utterance.of(words, language: params[:language].presence || "en-gb", speed: params[:speed].to_s.match?(/\A\d{2,3}\z/) ? params[:speed].to_i : 150)
    sandbox
    stream utterance.sound
  end
end
