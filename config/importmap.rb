# Own modules go by bare name ("board/camera"); packages come from vendor/npm (see script/vendor).
entries = %w[desk board device take]

pin "htmx", to: "htmx.esm.js", preload: %w[desk board device]
pin "alpine", to: "alpine-csp.js", preload: %w[desk board device]
pin "idb", to: "idb.js", preload: "board"
pin "@rails/actioncable", to: "actioncable.esm.js", preload: %w[board device]

pin "simple-keyboard", to: "simple-keyboard.js", preload: false
Usher::Preferences::LAYOUTS.each { |name| pin "layouts/#{name}", to: "layout-#{name}.js", preload: false }

entries.each { |entry| pin entry, preload: entry }
pin_all_from "app/javascript/shared", under: "shared", preload: entries
pin_all_from "app/javascript/surface", under: "surface", preload: entries
pin_all_from "app/javascript/board", under: "board", preload: "board"
pin_all_from "app/javascript/device", under: "device", preload: "device"
# Fetched when first wanted.
%w[media players makers board/glass board/making].each { |room| pin_all_from "app/javascript/#{room}", under: room, preload: false }
pin_all_from "app/javascript/take", under: "take", preload: "take"
