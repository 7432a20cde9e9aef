# Which of the house's own modules in app/javascript import which.
module ModuleGraph
  ROOT = Rails.root.join("app/javascript")
  LATER = /\b(?:fetchModule|wanted|once)\(["`]([\w\/-]+)/ # up to what is filled in
  IMPORT = /^(?:import|export)\s(?:[^"]*\sfrom\s)?"([^"]+)"/

  @ever = {}

  module_function

  # All names, as the import map has them: "surface/camera".
  def names = Dir[ROOT.join("**/*.js")].sort.map { |file| file.delete_prefix("#{ROOT}/").delete_suffix(".js") }

  # Those that a module reaches, itself among them; what it fetches later is not.
  def from(name, seen = [])
    return seen if seen.include?(name) || !ROOT.join("#{name}.js").exist?
    imported(name).reduce(seen + [ name ]) { |reached, one| from(one, reached) }
  end

  # What a page that starts with a module may ever want: what it reaches, packages too, and what it fetches later. A name
  # that is put together at run time ("players/${name}") stands for its whole folder.
  def ever_from(entry)
    @ever = {} if Rails.env.development?
    @ever[entry] ||= search(entry)
  end

  def search(entry)
    reached, wanted, all = [], [ entry ], names
    while name = wanted.shift
      reached |= [ name ]
      next unless all.include?(name)
      fetched = ROOT.join("#{name}.js").read.scan(LATER).flatten.flat_map { |one| one.end_with?("/") ? all.grep(/\A#{one}/) : [ one ] }
      wanted = (wanted | imported(name) | fetched) - reached
    end
    reached
  end

  # What a module itself imports, packages too.
  def imported(name) = ROOT.join("#{name}.js").read.scan(IMPORT).flatten
end
