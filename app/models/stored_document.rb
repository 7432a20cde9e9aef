# A JSON column whose content has a version (Usher::Documents): written in today's form, lifted when read.
class StoredDocument < PlainJson
  # kind: one of Usher::Documents::Step::KINDS.
  def initialize(kind)
    @kind = kind
    super()
  end

  def serialize(value) = value.nil? ? nil : super(Usher::Documents.write(value))
  def deserialize(value) = super.then { |stored| value.is_a?(String) && stored ? Usher::Documents.read(@kind, stored) : stored }
end
