# Pens, hands and keyboard, as the teacher who asks likes them.
class PreferencesController < ApplicationController
  for_teachers

  def update
    teacher.prefer(JSON.parse(request.raw_post.first(20_000)))
    render json: teacher.preferences
  rescue JSON::ParserError
    raise Usher::Invalid, "That did not arrive whole."
  end
end
