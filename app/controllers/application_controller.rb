class ApplicationController < ActionController::Base
  include Identity, Refusals
end
