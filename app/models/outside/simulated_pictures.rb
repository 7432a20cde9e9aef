# A picture search over a set of our own.
class Outside::SimulatedPictures
  Found = Struct.new(:id, :title, :credit, :bytes)

  def simulated? = true

  # Pictures that have every one of these words; all of them where none is said.
  def find(words)
    asked = words.downcase.scan(/[[:alnum:]]+/).map(&:singularize)
    list.select { |one| asked.all? { |word| one["words"].include?(word) } }.map { |one| Found.new(one["id"], one["title"], one["credit"]) }
  end

  def fetch(id)
    one = list.find { |entry| entry["id"] == id } or return
    Found.new(id, one["title"], one["credit"], File.binread(Outside::ROOT.join("pictures", "#{id}.svg")))
  end

  private

  def list = self.class.list

  # Read once a process.
  def self.list
    @list ||= JSON.parse(File.read(Outside::ROOT.join("pictures.json"))).each { |one| one["words"] = "#{one['title']} #{one['words']}".downcase.scan(/[[:alnum:]]+/).map(&:singularize) }
  end
end
