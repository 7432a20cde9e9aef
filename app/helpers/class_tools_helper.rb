module ClassToolsHelper
  # Seconds as 3:07, or 1:02:03.
  def seconds_clock(seconds)
    minutes, rest = seconds.ceil.divmod(60)
    minutes >= 60 ? format("%d:%02d:%02d", *minutes.divmod(60), rest) : format("%d:%02d", minutes, rest)
  end

  # A button that does an action of a class tool and shows the tools as they are then.
  def tool_act(tool, words, act, picture: nil, label: nil, style: "plaque-button", **given)
    tag.button(safe_join([ (icon(picture) if picture), (tag.span(words) if words) ].compact), type: "button", class: style, "aria-label": label, title: (label unless words),
      "hx-patch": class_tool_path(tool), "hx-vals": { do: act, **given }.to_json, "hx-target": "#class-tools")
  end

  # A button that changes how it lies there.
  def tool_place(tool, label, picture, pressed: nil, **set)
    tag.button(icon(picture), type: "button", class: "plaque-icon", "aria-label": label, title: label, "aria-pressed": pressed, "hx-patch": class_tool_path(tool), "hx-vals": set.to_json, "hx-target": "#class-tools")
  end

  PIPS = { 1 => [ 4 ], 2 => [ 0, 8 ], 3 => [ 0, 4, 8 ], 4 => [ 0, 2, 6, 8 ], 5 => [ 0, 2, 4, 6, 8 ], 6 => [ 0, 2, 3, 5, 6, 8 ] }.freeze

  # The top of a die: spots for one of six numbers, words otherwise.
  def die(face, spots:)
    return tag.span(tag.img(src: picture_path(face["picture"]), alt: "A picture"), class: "die die-picture") if face.is_a?(Hash)
    return tag.span(face, class: "die die-words", role: "img", "aria-label": face) unless spots && (places = PIPS[face.to_i])
    dots = places.map { |place| tag.circle(cx: 22 + (place % 3) * 28, cy: 22 + (place / 3) * 28, r: 9) }
    tag.svg(safe_join(dots), viewBox: "0 0 100 100", class: "die", role: "img", "aria-label": face)
  end

  # The wheel of a spinner, drawn by its arcs; it stands as far as it was turned.
  def wheel(spinner)
    colours = Usher::Classroom::Tools::Scores::COLOURS
    fields = spinner.fields.zip(spinner.arcs).each_with_index.map do |(field, (from, till)), index|
      middle = (from + till) / 2
      safe_join([ tag.path(d: sector(from, till), fill: colours[index % colours.size]), tag.text(field["text"].truncate(16), transform: "rotate(#{middle.round(2)}) translate(0 -62)", "text-anchor": "middle", class: "wheel-words") ])
    end
    turned = spinner.turned.round(2)
    turning = drawing(Usher::Markup.tag("animateTransform", attributeName: "transform", type: "rotate", from: turned - 1440, to: turned, dur: "#{Usher::Classroom::Drawn::SPINS}s",
      fill: "freeze", begin: "indefinite", calcMode: "spline", keyTimes: "0;1", keySplines: "0.1 0.6 0.2 1"))
    tag.svg(safe_join([ tag.g(safe_join([ *fields, turning ]), transform: "rotate(#{turned})"), tag.path(d: "M-9 -104H9L0 -84Z", class: "wheel-hand"), tag.circle(r: 9, class: "wheel-hub") ]), viewBox: "-110 -110 220 220", class: "wheel", role: "img", "aria-label": spinner.result || "Spinner")
  end

  private

  # A sector of a disc of 100, in degrees clockwise from the top.
  def sector(from, till)
    return "M0 -100A100 100 0 1 1 -0.01 -100Z" if till - from >= 360
    ends = [ from, till ].map { |angle| [ Math.sin(angle * Math::PI / 180) * 100, -Math.cos(angle * Math::PI / 180) * 100 ].map { |number| number.round(2) }.join(" ") }
    "M0 0L#{ends[0]}A100 100 0 #{till - from > 180 ? 1 : 0} 1 #{ends[1]}Z"
  end
end
