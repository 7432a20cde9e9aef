# Reads an activity's form. Its content arrives as one JSON value, which the core checks as a whole.
module ActivityContent
  private

  def keep(activity)
    activity.assign_attributes(title: params[:title].to_s, content: parsed_content)
    if activity.save
      redirect_to activity_look_path(activity), status: :see_other
    else
      @refused = activity.errors.map(&:message).uniq
      render(activity.new_record? ? :new : :edit, status: :unprocessable_entity)
    end
  end

  def parsed_content
    raw = params[:content].to_s
    raise Usher::Invalid, "That activity is too large." if raw.bytesize > 100_000
    JSON.parse(raw, max_nesting: 10).then { |content| content.is_a?(Hash) ? content : {} }
  rescue JSON::ParserError
    {}
  end
end
