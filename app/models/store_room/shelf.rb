# What the shelves of the store room share.
class StoreRoom::Shelf
  MOST = 60

  def initialize(teacher)
    @teacher = teacher
  end

  def name = self.class.name.demodulize.delete_suffix("Shelf").underscore

  # Whether it stands for a service outside that Usher only plays.
  def simulated? = false

  # A Listing of what is there. query: words, or ""; folder, kind: only of these, or nil.
  def list(query: "", folder: nil, kind: nil) = raise(NotImplementedError)

  # Something that answers items_at(at, lesson:), for the id of an entry; raises Usher::Invalid.
  def take(id) = raise(NotImplementedError)

  private

  def gone = raise(Usher::Invalid, "That is no longer there.")

  # A single picture, taken out.
  Taken = Struct.new(:picture, :alt) do
    def items_at(at, **) = [ picture.item_at(at, alt: alt) ]

    # It lies among the teacher's own things from now on.
    def keep = picture.assets.here.first || picture.assets.create!(teacher: picture.teacher, kind: "picture", name: picture.name, content_type: picture.content_type)
  end
end
