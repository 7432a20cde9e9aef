require Rails.root.join("lib/module_graph")

# Own modules go by bare name ("surface/camera"); packages come from vendor/npm (see script/vendor).
entries = %w[desk board device take prompter]

pin "htmx", to: "htmx.esm.js", preload: %w[desk board device prompter]
pin "alpine", to: "alpine-csp.js", preload: %w[desk board prompter]
pin "idb", to: "idb.js", preload: "board"
pin "@rails/actioncable", to: "actioncable.esm.js", preload: %w[board device prompter]

pin "idiomorph", to: "idiomorph.js", preload: false
pin "simple-keyboard", to: "simple-keyboard.js", preload: false
Usher::Preferences::LAYOUTS.each { |name| pin "layouts/#{name}", to: "layout-#{name}.js", preload: false }

# A page is told beforehand of every module that its entry reaches, and of what a board finds by its folder; all else
# is fetched when it is first wanted.
reached = entries.index_with { |entry| ModuleGraph.from(entry) }
found = { "board/commands" => "board", "board/tools" => "board" }
ModuleGraph.names.each do |name|
  pin name, to: "#{name}.js", preload: (reached.select { |_, names| names.include?(name) }.keys | found.values_at(File.dirname(name)).compact).presence || false
end
