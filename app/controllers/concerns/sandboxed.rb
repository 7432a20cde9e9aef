# For answers that are somebody's file: kept by the browser, and powerless in Usher's own origin.
module Sandboxed
  private

  def sandbox
    expires_in 1.year, public: false
    response.headers["Content-Security-Policy"] = "default-src 'none'; sandbox"
    response.headers["X-Content-Type-Options"] = "nosniff"
  end
end
