# Hosts that the teacher allows to be shown in frames.
class HostsController < ApplicationController
  include AsksCore

  def show = render(json: { hosts: teacher.hosts })

  def create
    teacher.allow_host(asked["address"])
    head :no_content
  end

  def destroy
    teacher.forbid_host(asked["host"])
    render json: { hosts: teacher.hosts }
  end
end
