# Photos and drawings; Picture::Intake knows how.
module Asset::Readers::Picture
  module_function

  def reads?(type) = ::Picture::Intake.reads?(type)
  def attributes(upload) = { kind: "picture", picture: ::Picture.new(**::Picture::Intake.new(upload).picture_attributes) }
end
