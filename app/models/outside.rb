# Services outside of Usher, each behind an adapter. Usher ships simulated ones, which say so on screen; a
# school puts a real one in its place by naming its class in the environment:
#
#   USHER_PICTURE_SEARCH=Outside::MySearch   find(words) -> [Found], fetch(id) -> Found with bytes
#   USHER_WEB=Outside::MyWeb                 page(address) -> Page or nil, picture(address) -> [name, bytes], start -> address
#   USHER_DRIVE=Outside::MyDrive             list(folder) -> Folder, search(words) -> [File], fetch(path) -> [name, bytes]
#
# Each also answers simulated?. What they hand over goes through the same intake as an upload.
module Outside
  ADAPTERS = { picture_search: "SimulatedPictures", web: "SimulatedWeb", drive: "SimulatedDrive" }.freeze
  ROOT = Rails.root.join("db/outside")

  # A picture of the web outside as an address that holds it, made harmless as an upload is; nil where there
  # is none that Usher can open.
  def self.picture_address(address)
    _, bytes = web.picture(address)
    file = bytes && Picture::Intake.new(StringIO.new(bytes)).picture_attributes[:file]
    file && "data:#{file[:content_type]};base64,#{Base64.strict_encode64(file[:io].read)}"
  rescue Usher::Invalid
    nil
  end

  class << self
    ADAPTERS.each do |name, usual|
      define_method(name) { ENV.fetch("USHER_#{name.to_s.upcase}", "Outside::#{usual}").constantize.new }
    end
  end
end
