# Bytes that were fetched from somewhere, handed on as an upload would be.
class StoreRoom::Fetched < StringIO
  attr_reader :original_filename

  def initialize(name, bytes)
    super(bytes)
    @original_filename = name
  end
end
