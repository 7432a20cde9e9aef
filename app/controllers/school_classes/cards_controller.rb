# Cards with the students' own codes, to print.
class SchoolClasses::CardsController < SchoolClasses::BaseController
  include Heavy
  heavy only: :show

  def show
    raise Usher::Invalid, "There is nobody in this class yet." if school_class.students.none?
    sheets = school_class.cards(SchoolAddress.new(request).join.sub(%r{\Ahttps?://}, ""))
    send_data Usher::Formats::Pdf::Writer.write(sheets), type: "application/pdf", disposition: :inline, filename: "cards.pdf"
  end
end
