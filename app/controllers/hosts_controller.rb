# The teacher allows a host to be shown in frames.
class HostsController < ApplicationController
  include AsksCore

  def create
    teacher.allow_host(asked["address"])
    head :no_content
  end
end
