# What follows once it is known who somebody is: they wait, show their second factor, or come in.
module SignsIn
  private

  def sign_in(found)
    return redirect_to(new_session_path, alert: "Your account waits for an administrator of your school, or for the link in your letter.") unless found.let_in?
    return second_step(found) if found.factor?
    come_in_as(found)
  end

  def come_in_as(found)
    passes.admit(found, request)
    Entry.note("came_in", who: found, request: request)
    redirect_to root_path
  end

  def second_step(found)
    session[:half] = found.generate_token_for(:factor)
    redirect_to new_factor_path
  end
end
