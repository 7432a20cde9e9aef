# What a person can do on a board: a file each in app/javascript/board/commands (in Teach alone: commands/teach) and board/tools. Their words, icons and
# keys are read here, so that buttons, bars and the list of keys say what the browser does.
class BoardCommand
  ROOT = Rails.root.join("app/javascript/board")
  FIELD = /^  (word|icon|key|title|where|mode): "(.*?)",?$/

  attr_reader :name, :word, :icon, :key, :title, :where, :mode

  # In the order of their names. room: "commands" or "tools".
  def self.all(room = "commands")
    @all ||= {}
    @all[room] ||= Dir[ROOT.join(room, "**/*.js")].sort_by { |file| File.basename(file) }.map { |file| new(file) }.index_by(&:name)
  end

  def self.fetch(name, room = "commands") = all(room).fetch(name.to_s)

  def initialize(file)
    @name = File.basename(file, ".js")
    File.read(file).scan(FIELD) { |field, value| instance_variable_set("@#{field}", value) }
  end
end
