# A picture with parts of it blank, as devices get it while covers lie over it.
class Pictures::CoveredController < ApplicationController
  include Sandboxed
  for_teachers_and_students

  def show
    picture = reach { |access| access.picture(request.path) }
    sandbox
    send_data picture.covered(Usher::Veil.read(request.path).last), type: picture.covered_type, disposition: :inline
  end
end
