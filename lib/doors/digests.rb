require "rack/etag"

module Doors
  # What is read carries a digest, by which a browser that has it already is told so. What somebody did is answered once:
  # to digest that would be work for nothing, and after a stroke of the eraser the answer is long (bench/erase).
  class Digests < Rack::ETag
    def call(env) = %w[GET HEAD].include?(env["REQUEST_METHOD"]) ? super : @app.call(env)
  end
end
