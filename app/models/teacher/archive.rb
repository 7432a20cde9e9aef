require "zip"

# Everything that is a teacher's in one ZIP file of open formats: JSON for what was made in Usher, SVG for how each page
# looks, and every picture, file and voice as it came.
#
#   about.json                     who, when, and the version of this form
#   lessons/12-tides/lesson.json   facts, pages with their things as they are stored, activities, takes
#   lessons/12-tides/page-1.svg    each page as the class sees it, with its pictures in it
#   lessons/12-tides/take-3.webm   the voice of a take
#   files/7-tide-tables.pdf        the store room; pictures/5.png; bank.json: the questions kept in the bank
class Teacher::Archive
  VERSION = 1

  def initialize(teacher) = @teacher = teacher

  # Writes it to a file at this path.
  def write(path)
    Zip::OutputStream.open(path) do |zip|
      @zip = zip
      json "about.json", usher_archive: VERSION, name: @teacher.name, address: @teacher.email, made_at: Time.current.iso8601
      @teacher.lessons.find_each { |lesson| add_lesson(lesson) }
      json "bank.json", @teacher.bank_questions.map { |question| question.slice("kind", "words", "content") }
      reach.assets.find_each { |asset| add_file("files/#{asset.id}-#{safe(asset.name)}", asset.file) }
      reach.pictures.find_each { |picture| add_file("pictures/#{picture.id}#{File.extname(picture.file.filename.to_s)}", picture.file) }
    end
  end

  private

  # Files that came with a colleague's lesson are part of what is theirs.
  def reach = Access.for(teacher: @teacher)

  def add_lesson(lesson)
    folder = "lessons/#{lesson.id}-#{lesson.title.parameterize.presence || 'lesson'}"
    json "#{folder}/lesson.json", lesson.slice("title", "subject", "year", "length", "curriculum", "notes", "folder", "created_at", "binned_at").merge(
      "pages" => lesson.pages.map { |page| { "style" => page.style, "things" => page.rows.where(layer: lesson.prepared, gone: false).order(:z).map(&:data) } },
      "activities" => lesson.activities.map { |activity| { "id" => activity.id, "title" => activity.title, "kind" => activity.edition.kind, "content" => activity.edition.content } },
      "takes" => lesson.takes.map { |take| take.slice("id", "title", "length_ms", "chapters", "created_at") }
    )
    lesson.pages.each.with_index(1) { |page, number| entry("#{folder}/page-#{number}.svg", page.showing.document(Picture.addresses)) }
    lesson.takes.each { |take| add_file("#{folder}/take-#{take.id}#{File.extname(take.voice.filename.to_s)}", take.voice) if take.voice.attached? }
  end

  # Piece by piece: a film need not fit into memory. One that was lost is left out.
  def add_file(name, attached)
    return unless attached.attached? && attached.blob.service.exist?(attached.key)
    @zip.put_next_entry(name, nil, nil, Zip::Entry::STORED)
    attached.download { |piece| @zip.write(piece) }
  end

  def json(name, values) = entry(name, JSON.pretty_generate(values.as_json))

  def entry(name, text)
    @zip.put_next_entry(name)
    @zip.write(text)
  end

  def safe(name) = name.gsub(%r{[/\\\0:*?"<>|]}, "-").first(120)
end
