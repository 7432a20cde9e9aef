# The picture or the sound of a piece of a go, as long as it can be seen.
class Attempts::FacesController < ApplicationController
  include Plays, Sandboxed, Streams

  def show
    face = seen_face or raise ActiveRecord::RecordNotFound
    sandbox
    case params[:part]
    when "picture" then picture(face)
    when "sound" then sound(face)
    when "said" then said(face)
    else raise ActiveRecord::RecordNotFound
    end
  end

  private

  def seen_face
    solved = params[:solved].present?
    attempt.seen(solved: solved, all: solved && attempt.participant.nil?).face(params[:id])
  end

  def lesson = attempt.activity.lesson

  def picture(face)
    picture = lesson.pictures.find(face.picture)
    send_data picture.version("medium").download, type: picture.content_type, disposition: :inline
  end

  def sound(face) = stream(lesson.assets.find(face.sound).file)

  # Words that are only heard; or all words, where the teacher has them read aloud.
  def said(face)
    language = attempt.edition.rules["language"].presence
    words = face.said || (face.text.presence if language) or raise ActiveRecord::RecordNotFound
    stream Utterance.of(words, language: language || "en-gb", speed: 150).sound
  end
end
