require "core_test"
require "support/decks"
require "tempfile"

# Diagrams of which a file keeps only what is in them.
class SlideDiagramsTest < CoreTest
  include Decks

  # parts: { "a" => [words, what it belongs to] }; layout: what it says of how they lie; ground: of all of it.
  def diagram(parts, types: {}, layout: nil, ground: "")
    points = parts.map { |id, (words, _)| %(<d:pt modelId="#{id}"#{%( type="#{types[id]}") if types[id]}><d:t><a:p><a:r><a:t>#{words}</a:t></a:r></a:p></d:t></d:pt>) }.join
    joined = parts.each_with_index.map { |(id, (_, whole)), index| %(<d:cxn srcId="#{whole || "doc"}" destId="#{id}" srcOrd="#{index}"/>) }.join
    data = %(<d:dataModel xmlns:d="urn:d" xmlns:a="urn:a"><d:ptLst><d:pt modelId="doc" type="doc"/>#{points}</d:ptLst><d:cxnLst>#{joined}</d:cxnLst>#{ground}</d:dataModel>)
    said = %(<d:layoutDef xmlns:d="urn:d"><d:sampData><d:alg type="cycle"/></d:sampData><d:layoutNode>#{layout}</d:layoutNode></d:layoutDef>)
    frame = %(<p:graphicFrame><p:nvGraphicFramePr><p:cNvPr id="4" name=""/></p:nvGraphicFramePr>#{place([ 96, 54, 480, 270 ]).gsub("a:xfrm", "p:xfrm")}<a:graphic><a:graphicData uri="http://x/diagram"><d:relIds xmlns:d="urn:d" r:dm="d1" r:lo="l1"/></a:graphicData></a:graphic></p:graphicFrame>)
    Tempfile.create("deck", binmode: true) do |file|
      file.write(Decks.pptx({ tree: frame, more: [ [ "d1", "diagramData", "../diagrams/d.xml" ], ([ "l1", "diagramLayout", "../diagrams/l.xml" ] if layout) ].compact }, parts: { "ppt/diagrams/d.xml" => data, **(layout ? { "ppt/diagrams/l.xml" => said } : {}) }))
      file.flush
      Usher::Formats::Slides.open(file.path, PPTX).slide(1)
    end
  end

  def boxes(slide) = slide.items.select { |item| item["kind"] == "rectangle" }

  def test_its_parts_are_boxes_in_boxes_with_their_words
    slide = diagram({ "h" => [ "Harbour" ], "q" => [ "Quay", "h" ], "p" => [ "Pier", "h" ], "l" => [ "Lighthouse" ] })
    assert_equal [ %w[Harbour Quay Pier Lighthouse], [ "diagram's layout" ] ], [ slide.items.filter_map { |item| item["text"] }, slide.missing ]
    harbour, quay, pier, lighthouse = boxes(slide)
    inside = ->(one, other) { one["x"] >= other["x"] && one["y"] >= other["y"] && one["x"] + one["width"] <= other["x"] + other["width"] && one["y"] + one["height"] <= other["y"] + other["height"] }
    assert inside.(quay, harbour) && inside.(pier, harbour) && !inside.(lighthouse, harbour)
    assert_equal %w[#9a3a61 #9a3a61], [ harbour, lighthouse ].map { |box| box["fill"] }
    assert boxes(slide).all? { |box| box["x"] >= 160 && box["x"] + box["width"] <= 961 && box["y"] >= 90 && box["y"] + box["height"] <= 541 }, "in the frame of the diagram"
  end

  HARBOUR = { "h" => [ "Harbour" ], "q" => [ "Quay", "h" ], "p" => [ "Pier", "h" ], "l" => [ "Lighthouse" ] }.freeze
  LIST = { "a" => [ "Ebb" ], "b" => [ "Slack" ], "c" => [ "Flood" ] }.freeze
  FORM = '<d:shape type="%s"/>'.freeze

  # The forms of a slide that are filled, as [x, y, width, height], and its words in their order.
  def laid(slide) = slide.items.reject { |item| %w[text line].include?(item["kind"]) }.map { |item| item.values_at("x", "y", "width", "height").map { |n| n.round(1) } }
  def said(slide) = slide.items.filter_map { |item| item["text"] }

  def test_boxes_in_rows_are_as_large_as_they_can_be
    slide = diagram(LIST, layout: '<d:alg type="snake"/><d:shape type="rect"/>')
    first, second, third = laid(slide)
    assert_equal [ first[2..], first[1] ], [ second[2..], second[1] ]
    assert_in_delta 0.6, first[3] / first[2], 0.01
    assert_in_delta 160 + 400, third[0] + third[2] / 2, 1, "the last one in the middle"
    assert_operator third[1], :>, first[1] + first[3]
    nested = diagram(HARBOUR, layout: '<d:alg type="snake"/><d:shape type="rect"/>')
    assert_equal [ 2, true ], [ laid(nested).size, said(nested).join.include?("Quay") ]
  end

  def test_arrows_reach_into_each_other_and_lists_stand_below
    pointed = laid(diagram(LIST, layout: %(<d:alg type="lin"/>#{format(FORM, "chevron")})))
    pointed.each_cons(2) { |one, other| assert_operator other[0], :<, one[0] + one[2] }
    assert_in_delta 800, pointed.last[0] + pointed.last[2] - pointed.first[0], 1
    lists = diagram(HARBOUR, layout: %(<d:alg type="lin"/>#{format(FORM, "rect")}))
    list, *heads = laid(lists)
    assert_in_delta heads.first[1] + heads.first[3], list[1], 0.2
    assert_equal [ 3, heads.first[0] ], [ laid(lists).size, list[0] ]
    down = laid(diagram(LIST, layout: %(<d:alg type="lin"><d:param type="linDir" val="fromT"/></d:alg>#{format(FORM, "rect")})))
    assert_equal [ 1, true ], [ down.map(&:first).uniq.size, down.each_cons(2).all? { |one, other| other[1] > one[1] + one[3] } ]
  end

  def test_rings_have_their_first_at_the_top_and_arrows_between
    slide = diagram(LIST, layout: %(<d:alg type="cycle"/><d:alg type="conn"/>#{format(FORM, "ellipse")}))
    rounds = slide.items.select { |item| item["kind"] == "ellipse" }
    assert_equal [ 3, 3 ], [ rounds.size, laid(slide).size - rounds.size ]
    middles = rounds.map { |item| [ item["x"] + item["width"] / 2, item["y"] + item["height"] / 2 ] }
    assert_in_delta 560, middles.first[0], 1
    assert_operator middles[1][0], :>, middles[2][0], "clockwise"
    distances = middles.map { |x, y| Math.hypot(x - 560, y - 315) }
    distances.each { |far| assert_in_delta distances.first, far, 1 }
    centred = diagram({ "m" => [ "Moon" ], "a" => [ "Ebb", "m" ], "b" => [ "Flood", "m" ] }, layout: %(<d:alg type="composite"/><d:alg type="cycle"/>#{format(FORM, "ellipse")}))
    assert_equal [ 560, 315 ], laid(centred).first.then { |x, y, wide, high| [ x + wide / 2, y + high / 2 ] }.map(&:round)
    assert_equal [ 0, 120, 240 ], diagram(LIST, layout: %(<d:alg type="cycle"><d:param type="rotPath" val="alongPath"/></d:alg>#{format(FORM, "roundRect")})).items.select { |item| item["kind"] == "rectangle" }.map { |item| item["angle"].to_i % 360 }
  end

  def test_trees_have_each_over_what_belongs_to_it
    slide = diagram(HARBOUR, layout: %(<d:alg type="hierChild"/>#{format(FORM, "rect")}))
    harbour, quay, pier, lighthouse = laid(slide)
    assert_in_delta (quay[0] + pier[0]) / 2, harbour[0], 0.2
    assert_equal [ quay[1], harbour[1] ], [ pier[1], lighthouse[1] ]
    assert_operator quay[1], :>, harbour[1] + harbour[3]
    assert_operator slide.items.count { |item| item["kind"] == "line" }, :>=, 2
    assert_equal %w[Harbour Quay Pier Lighthouse], said(slide)
  end

  def test_its_ground_lies_behind
    ground = '<d:bg><a:solidFill><a:srgbClr val="00ff00"/></a:solidFill></d:bg>'
    assert_equal "#00ff00", diagram(LIST, ground: ground).items.first["fill"]
  end

  def test_every_arrangement_has_room_for_few_and_many
    way = ->(algorithm, parts) { diagram(parts, layout: %(<d:alg type="#{algorithm}"/>#{format(FORM, "roundRect")})) }
    %w[snake lin cycle hierChild composite].product([ 1, 2, 40 ]).each do |algorithm, count|
      slide = way.(algorithm, (1..count).to_h { |n| [ "p#{n}", [ "Tide #{n}", n > 3 ? "p#{n % 3 + 1}" : nil ] ] })
      assert_equal count, (1..count).count { |n| said(slide).join("\n").match?(/\bTide #{n}\b/) }, algorithm
      assert laid(slide).all? { |x, y, wide, high| x >= 159 && y >= 89 && x + wide <= 962 && y + high <= 542 }, algorithm
    end
  end

  def test_what_joins_its_parts_is_none_of_them
    slide = diagram({ "h" => [ "Harbour" ], "s" => [ "Arrow" ], "q" => [ "Quay" ] }, types: { "s" => "sibTrans" })
    assert_equal %w[Harbour Quay], slide.items.filter_map { |item| item["text"] }
  end

  def test_parts_of_one_in_which_nothing_is_written_are_not_lost
    assert_equal %w[Quay], diagram({ "h" => [ "" ], "q" => [ "Quay", "h" ] }).items.filter_map { |item| item["text"] }
  end

  def test_one_with_nothing_in_it_or_that_goes_round_is_told_or_ends
    assert_equal [ [], %w[object] ], diagram({}).then { |slide| [ slide.items, slide.missing ] }
    assert_equal 1, diagram({ "a" => [ "Ebb" ], "b" => [ "Flow", "a" ], "c" => [ "Ebb", "b" ] }).items.count { |item| item["text"] == "Flow" }
    assert_operator diagram({ "a" => [ "Ebb", "a" ] }).items.size, :<, 20
  end
end
