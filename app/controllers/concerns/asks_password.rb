# Actions that also whoever found a teacher's browser open must not do: they ask for the password, and not for any number
# of guesses.
module AsksPassword
  extend ActiveSupport::Concern

  WRONG = "Your password is not that one. Nothing was changed.".freeze
  TRIES = 10

  class_methods do
    # field: the name of the parameter.
    def asks_password(field = :password, **options)
      rate_limit to: TRIES, within: 10.minutes, by: -> { teacher.id }, name: "password", store: Live::Counts.store, with: -> { refuse("Too many tries. Wait ten minutes, then try again.") }, **options
      before_action(**options) { raise Usher::Invalid, WRONG unless params[field].is_a?(String) && teacher.authenticate(params[field]) }
    end
  end
end
