# Which of the house's own modules in app/javascript import which.
module ModuleGraph
  ROOT = Rails.root.join("app/javascript")
  IMPORT = /^(?:import|export)\s(?:[^"]*\sfrom\s)?"([^"]+)"/

  module_function

  # All names, as the import map has them: "surface/camera".
  def names = Dir[ROOT.join("**/*.js")].sort.map { |file| file.delete_prefix("#{ROOT}/").delete_suffix(".js") }

  # Those that a module reaches, itself among them; what it fetches later is not.
  def from(name, seen = [])
    file = ROOT.join("#{name}.js")
    return seen if seen.include?(name) || !file.exist?
    file.read.scan(IMPORT).flatten.reduce(seen + [ name ]) { |reached, one| from(one, reached) }
  end
end
