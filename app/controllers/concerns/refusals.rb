# What Usher says when it cannot do something: a plain sentence, in the form that was asked for.
module Refusals
  extend ActiveSupport::Concern

  LOOKED_UP = /\A(again|asset|page|school_class|seat|sitting|start|tool|\w+_id)\z/ # what names one thing, which a list of numbers would find several of

  included do
    before_action { refuse("That was one thing too many. Nothing was changed.") if params.keys.grep(LOOKED_UP).any? { |name| params[name].is_a?(Array) } }

    rescue_from Usher::Invalid do |error|
      refuse(error.message)
    end

    rescue_from ActiveRecord::RecordInvalid do |error|
      refuse(error.record.errors.map(&:message).uniq.join(" "))
    end

    # 403, so that a board knows it may ask for a new token and send the same again.
    rescue_from ActionController::InvalidAuthenticityToken do
      refuse("This page has been open for too long. Load it again, then repeat that.", status: :forbidden)
    end

    # A form that nobody offers; of our own templates none may be missing.
    rescue_from ActionView::MissingTemplate do |error|
      request.format&.html? ? raise(error) : head(:not_acceptable)
    end

    # A file that was lost from the disk.
    rescue_from(ActiveStorage::FileNotFoundError) { head :not_found }

    rescue_from ActionController::ParameterMissing, ActionDispatch::Http::Parameters::ParseError do
      refuse("Something was missing from what was sent. Nothing was changed.")
    end
  end

  private

  # json for the board's own requests; a line of text for htmx, which shows it; back to the form otherwise.
  def refuse(sentence, status: :unprocessable_entity)
    if request.format.json? then render(json: { error: sentence }, status: status)
    elsif htmx? then render(plain: sentence, status: status)
    else redirect_back_or_to(root_path, alert: sentence)
    end
  end
end
