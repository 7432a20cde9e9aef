require "core_test"
require "support/decks"
require "tempfile"

# Diagrams of which a file keeps only what is in them.
class SlideDiagramsTest < CoreTest
  include Decks

  # parts: { "a" => [words, what it belongs to] }.
  def diagram(parts, types: {})
    points = parts.map { |id, (words, _)| %(<d:pt modelId="#{id}"#{%( type="#{types[id]}") if types[id]}><d:t><a:p><a:r><a:t>#{words}</a:t></a:r></a:p></d:t></d:pt>) }.join
    joined = parts.each_with_index.map { |(id, (_, whole)), index| %(<d:cxn srcId="#{whole || "doc"}" destId="#{id}" srcOrd="#{index}"/>) }.join
    data = %(<d:dataModel xmlns:d="urn:d" xmlns:a="urn:a"><d:ptLst><d:pt modelId="doc" type="doc"/>#{points}</d:ptLst><d:cxnLst>#{joined}</d:cxnLst></d:dataModel>)
    frame = %(<p:graphicFrame><p:nvGraphicFramePr><p:cNvPr id="4" name=""/></p:nvGraphicFramePr>#{place([ 96, 54, 480, 270 ]).gsub("a:xfrm", "p:xfrm")}<a:graphic><a:graphicData uri="http://x/diagram"><d:relIds xmlns:d="urn:d" r:dm="d1"/></a:graphicData></a:graphic></p:graphicFrame>)
    Tempfile.create("deck", binmode: true) do |file|
      file.write(Decks.pptx({ tree: frame, more: [ [ "d1", "diagramData", "../diagrams/d.xml" ] ] }, parts: { "ppt/diagrams/d.xml" => data }))
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
