module ApplicationHelper
  # Answers that htmx puts into the page, and those it only tells of. What it puts there works at once: with a delay
  # a quick hand's press would be lost. What one element says holds for that element alone: nothing is inherited.
  HTMX = { allowEval: false, defaultSettleDelay: 0, includeIndicatorStyles: false, selfRequestsOnly: true, disableInheritance: true,
    historyCacheSize: 0,
    responseHandling: [ { code: "204", swap: false }, { code: "[23]..", swap: true }, { code: "[45]..", swap: false, error: true } ] }.freeze

  # An icon from the sprite; the word beside it says what it means.
  def icon(name, label: nil)
    tag.svg(class: "icon", "aria-hidden": label.nil? || nil, role: (label && "img"), "aria-label": label) { tag.use(href: "#{asset_path('icons.svg')}##{name}") }
  end

  def side_link(words, path, picture)
    link_to(path, class: "side-link", "aria-current": (current_page?(path) ? "page" : nil)) { safe_join([ icon(picture), " ", words ]) }
  end

  # "4 pages", "1 page"
  def count_of(number, one) = pluralize(number, one)

  # Milliseconds as 4:07.
  def clock(ms) = format("%d:%02d", *(ms / 1000).divmod(60))

  def greeting
    case Time.current.hour
    when 5...12 then "Good morning"
    when 12...18 then "Good afternoon"
    else "Good evening"
    end
  end

  # A QR code that leads to the address.
  def qr(address) = RQRCode::QRCode.new(address, level: :m).as_svg(use_path: true, viewbox: true, standalone: true, module_size: 4, offset: 8, fill: "ffffff").sub(/<\?xml.*?\?>/, "").sub("<svg", %(<svg role="img" aria-label="QR code of the address"))

  # Words around what a search found, that itself marked.
  def found_words(snippet)
    safe_join(snippet.squish.split(/(#{Search::OPEN}.*?#{Search::SHUT})/o).map { |part| part.start_with?(Search::OPEN) ? tag.mark(part[1..-2]) : part })
  end

  # A page, small; fetched when it comes into view.
  # The address is written out, because the router takes longer for hundreds of them than all the rest.
  def thumbnail(page) = tag.img(src: "/pages/#{page.id}/thumbnail?v=#{page.seq}", alt: "", loading: "lazy", draggable: "false")

  # The partial ("form", "player") of an activity's kind; only kinds the core knows have any.
  def activity_partial(activity, name)
    File.join("activities/kinds", Usher::Activities.registry.names.find { |kind| kind == activity.kind }, name)
  end

  # A drawing of the core, trusted: everything in it was checked and escaped there.
  def drawing(svg) = svg.html_safe

  # The import map of a device: only what it may ever want, a quarter of all. An old phone has its page sooner.
  def device_importmap = importmap_of { |imports| imports.slice(*ModuleGraph.ever_from("device")) }

  # That of a board: without what only other pages begin with.
  def board_importmap = importmap_of { |imports| imports.reject { |name, _| name.match?(%r{\A(?:desk|device|prompter|take)(?:/|\z)}) } }

  def importmap_of
    { imports: yield(JSON.parse(Rails.application.importmap.to_json(resolver: self))["imports"]) }.to_json
  end

  # What the page that comes next will want, fetched while somebody still types: an entry's modules and its styles.
  def fetched_ahead(entry, styles)
    paths = [ asset_path("#{styles}.css"), *Rails.application.importmap.preloaded_module_paths(resolver: self, entry_point: entry, cache_key: "ahead of #{entry}") ]
    safe_join(paths.map { |path| tag.link(rel: "prefetch", href: path) })
  end
end
