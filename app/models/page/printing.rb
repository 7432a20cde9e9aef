# A page as a drawing that needs nothing around it, for PDF.
module Page::Printing
  def document
    Usher::Page::Drawing.document(style, drawings(for_devices: true)) { |number| Picture.find(number).data_address }
  end
end
