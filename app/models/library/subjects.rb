# What the drawings are about, for looking through them without a word in mind: a subject and the words that
# drawings of it have.
module Library::Subjects
  ALL = {
    "Sea and boats" => %w[boat ship sail sea anchor harbour lighthouse wave fish shell],
    "Animals" => %w[animal bird cat dog horse cow insect snake bear],
    "Plants" => %w[plant flower tree leaf seed mushroom],
    "Food" => %w[food fruit vegetable bread cake drink meal],
    "Weather and sky" => %w[weather cloud rain snow sun moon star wind],
    "People" => %w[person woman man child family baby],
    "Feelings" => %w[happy sad angry surprised face smile tired],
    "Body and health" => %w[hand eye ear bone heart tooth medicine brain],
    "Travel" => %w[car train bus bicycle aeroplane truck road rocket],
    "Buildings" => %w[house building castle church bridge tower school],
    "At home" => %w[chair table bed lamp kitchen door clock],
    "Clothes" => %w[shirt shoe hat coat dress sock glove],
    "School and work" => %w[book pencil paper scissors ruler tool computer],
    "Science" => %w[magnet microscope laboratory atom planet battery electricity],
    "Maths" => %w[number triangle square circle dice fraction compasses coin],
    "Music and art" => %w[music guitar drum piano paint violin trumpet],
    "Sport and games" => %w[ball football swimming game sport puzzle skating],
    "Maps and flags" => %w[map globe flag compass country]
  }.freeze

  # The words of one, [] for what is none.
  def self.words(name) = ALL.fetch(name, [])
end
