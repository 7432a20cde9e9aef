# How Usher is, for whoever watches over it: 200 where all is well, 503 where something is not, and which.
class HealthController < ApplicationController
  def show
    found = Health.now
    render json: { well: found.values.all?, **found }, status: found.values.all? ? :ok : :service_unavailable
  end
end
