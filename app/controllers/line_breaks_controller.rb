# Where the lines of a text break while it is being typed: the same lines it will have on every
# device, in print and in a take.
class LineBreaksController < ApplicationController
  include AsksCore

  def create
    item = Usher::Items.build("id" => "typing", "x" => 0, "y" => 0, "height" => 0, **asked)
    raise Usher::Invalid, "That has no lines." unless item.respond_to?(:lines)
    render json: { lines: item.lines.map { |line| [ line.from, line.to, line.marker, line.rtl, item.spread(line).round(2) ] }, height: item.height }
  end
end
