require "core_test"
require "support/decks"
require "tempfile"

# The forms that slides only name.
class SlideFormsTest < CoreTest
  include Decks

  Slides = Usher::Formats::Slides
  Presets, Forms, Connectors = Slides::Presets, Slides::Forms, Slides::Connectors
  # ST_ShapeType of ISO/IEC 29500-1, 20.1.10.56.
  NAMES = %w[line lineInv triangle rtTriangle rect diamond parallelogram trapezoid nonIsoscelesTrapezoid pentagon hexagon heptagon octagon decagon dodecagon star4 star5 star6 star7 star8 star10 star12 star16 star24 star32
    roundRect round1Rect round2SameRect round2DiagRect snipRoundRect snip1Rect snip2SameRect snip2DiagRect plaque ellipse teardrop homePlate chevron pieWedge pie blockArc donut noSmoking rightArrow leftArrow upArrow downArrow
    stripedRightArrow notchedRightArrow bentUpArrow leftRightArrow upDownArrow leftUpArrow leftRightUpArrow quadArrow leftArrowCallout rightArrowCallout upArrowCallout downArrowCallout leftRightArrowCallout upDownArrowCallout
    quadArrowCallout bentArrow uturnArrow circularArrow leftCircularArrow leftRightCircularArrow curvedRightArrow curvedLeftArrow curvedUpArrow curvedDownArrow swooshArrow cube can lightningBolt heart sun moon smileyFace
    irregularSeal1 irregularSeal2 foldedCorner bevel frame halfFrame corner diagStripe chord arc leftBracket rightBracket leftBrace rightBrace bracketPair bracePair straightConnector1 bentConnector2 bentConnector3 bentConnector4
    bentConnector5 curvedConnector2 curvedConnector3 curvedConnector4 curvedConnector5 callout1 callout2 callout3 accentCallout1 accentCallout2 accentCallout3 borderCallout1 borderCallout2 borderCallout3 accentBorderCallout1
    accentBorderCallout2 accentBorderCallout3 wedgeRectCallout wedgeRoundRectCallout wedgeEllipseCallout cloudCallout cloud ribbon ribbon2 ellipseRibbon ellipseRibbon2 leftRightRibbon verticalScroll horizontalScroll wave
    doubleWave plus flowChartProcess flowChartDecision flowChartInputOutput flowChartPredefinedProcess flowChartInternalStorage flowChartDocument flowChartMultidocument flowChartTerminator flowChartPreparation
    flowChartManualInput flowChartManualOperation flowChartConnector flowChartPunchedCard flowChartPunchedTape flowChartSummingJunction flowChartOr flowChartCollate flowChartSort flowChartExtract flowChartMerge
    flowChartOfflineStorage flowChartOnlineStorage flowChartMagneticTape flowChartMagneticDisk flowChartMagneticDrum flowChartDisplay flowChartDelay flowChartAlternateProcess flowChartOffpageConnector actionButtonBlank
    actionButtonHome actionButtonHelp actionButtonInformation actionButtonForwardNext actionButtonBackPrevious actionButtonEnd actionButtonBeginning actionButtonReturn actionButtonDocument actionButtonSound actionButtonMovie
    gear6 gear9 funnel mathPlus mathMinus mathMultiply mathDivide mathEqual mathNotEqual cornerTabs squareTabs plaqueTabs chartX chartStar chartPlus].freeze

  def test_every_form_that_the_standard_names_is_known
    assert_equal [], NAMES.reject { |name| Forms.known?(name) || Connectors.known?(name) }
  end

  # What is filled and what has a line, as boxes in shares.
  def test_brackets_enclose_what_they_fill
    %w[bracketPair bracePair].each do |name|
      filled, *lines = Presets.outline(name, 200, 100).parts
      assert_equal [ [ true, false ], [ [ false, true ] ] * 2 ], [ [ filled.fill, filled.stroke ], lines.map { |part| [ part.fill, part.stroke ] } ], name
      assert_equal [ 0.0, 1.0 ], filled.points.map(&:first).minmax.map { |n| n.round(6) }
    end
  end

  # Angles are those that are seen, also where the box is no square: a third of the way round ends on the line there.
  def test_angles_are_seen_angles
    points = Presets.outline("pie", 400, 100, "adj1" => 0.0, "adj2" => 27.0).parts.first.points
    x, y = points[-2].zip([ 400, 100 ]).map { |share, side| (share - 0.5) * side }
    assert_in_delta 45, Math.atan2(y, x) * 180 / Math::PI, 0.01
    assert_in_delta 1, (x / 200)**2 + (y / 50)**2, 0.0001, "on the ellipse"
    ends = Presets.outline("blockArc", 400, 100, "adj1" => 108.0, "adj2" => 189.0, "adj3" => 0.1).parts.first.points
    outer, inner = ends.values_at(ends.size / 2 - 1, ends.size / 2).map { |place| place.zip([ 400, 100 ]).map { |share, side| (share - 0.5) * side } }.map { |px, py| Math.atan2(py, px) }
    assert_in_delta outer, inner, 0.001
  end

  def test_an_arrow_bent_about_a_side_is_the_same_mirrored
    right = Presets.outline("curvedRightArrow", 200, 200).parts.map(&:points)
    { "curvedLeftArrow" => ->(x, y) { [ 1 - x, y ] }, "curvedDownArrow" => ->(x, y) { [ y, x ] }, "curvedUpArrow" => ->(x, y) { [ y, 1 - x ] } }.each do |name, mirror|
      right.flatten(1).map { |point| mirror.call(*point) }.zip(Presets.outline(name, 200, 200).parts.flat_map(&:points)) { |own, other| own.zip(other) { |a, b| assert_in_delta a, b, 1e-9, name } }
    end
    tip = right[1].max_by(&:first)
    assert_equal [ 1.0, 0.75 ], tip.map { |n| n.round(3) }, "half the width of the head above the lower edge"
  end

  def test_the_other_way_round_goes_the_other_way
    middle = ->(name, **bends) { Presets.outline(name, 100, 100, bends.transform_keys(&:to_s)).parts.first.points.then { |points| points[points.size / 4] } }
    assert_operator middle.("circularArrow", adj4: 108.0, adj3: 0.0)[1], :<, 0.5, "from the left over the top"
    assert_operator middle.("leftCircularArrow", adj4: 108.0, adj3: 0.0)[1], :>, 0.5, "from the left below"
  end

  def test_words_stand_within_their_form
    { "heart" => [ 1 / 6.0, 0.25, 5 / 6.0, 2 / 3.0 ], "plus" => [ 0, 0.25, 1, 0.75 ], "frame" => [ 0.0625, 0.125, 0.9375, 0.875 ], "chord" => [ 0.1464, 0.1464, 0.8536, 0.8536 ], "mathMinus" => [ 0.1325, 0.3824, 0.8675, 0.6176 ], "star4" => [ 0.4116, 0.4116, 0.5884, 0.5884 ],
      "horizontalScroll" => [ 0.0625, 0.125, 0.96875, 0.875 ], "round2SameRect" => [ 0.02441, 0.0488, 0.97559, 1 ], "quadArrow" => [ 0.05625, 0.3875, 0.94375, 0.6125 ] }.each do |name, area|
      Forms.area(name, 200, 100).zip(area) { |own, asked| assert_in_delta asked, own, 0.001, name }
    end
  end

  def test_connectors_turn_as_often_as_they_say
    assert_equal [ [ 0, 0 ], [ 0.2, 0 ], [ 0.2, 0.9 ], [ 1, 0.9 ], [ 1, 1 ] ], Connectors.corners("bentConnector4", "adj1" => 0.2, "adj2" => 0.9)
    assert_equal [ 1, 2, 3, 4 ], (2..5).map { |n| Connectors.curves("curvedConnector#{n}", {}).size }
    curves = Connectors.curves("curvedConnector5", "adj1" => 1.5, "adj2" => 0.4, "adj3" => -0.5)
    curves.each_cons(2) do |before, after|
      assert_equal before.last, after.first
      turns = [ before[2..], after[..1] ].map { |(ax, ay), (bx, by)| Math.atan2(by - ay, bx - ax) }
      assert_in_delta turns[0], turns[1], 1e-9, "no corner between two curves"
    end
    assert_equal [ [ 0, 0 ], [ 1, 1 ] ], [ curves.first.first, curves.last.last ]
  end

  def test_a_connector_keeps_its_heads_at_its_ends_and_its_words
    line = '<a:ln w="12700"><a:solidFill><a:srgbClr val="000000"/></a:solidFill>%s</a:ln>'
    shown = ->(form, heads, text = nil) { pptx(shape(at: [ 0, 0, 90, 90 ], form: form, look: format(line, heads), text: text)) }
    both = '<a:headEnd type="triangle"/><a:tailEnd type="triangle"/>'
    assert_equal [ %w[curve curve curve], %w[end none end] ], shown.("curvedConnector4", both).map { |item| item.values_at("kind", "heads") }.transpose.then { |kinds, heads| [ kinds, heads.map { |one| one || "none" } ] }
    start = shown.("curvedConnector3", '<a:headEnd type="triangle"/>')
    assert_equal [ "end", nil ], start.map { |item| item["heads"] }
    %w[bentConnector3 curvedConnector3].each do |form|
      *pieces, words = shown.(form, "", "Ebb")
      assert_equal [ "Ebb", 1 ], [ words["text"], [ *pieces, words ].map { |item| item["groups"].last }.uniq.size ]
    end
  end

  # Otherwise it would be a picture, which cannot be coloured.
  def test_a_large_round_form_is_a_polygon_all_the_same
    canvas, look = Slides::Canvas.new(960, 540), Slides::Look.new(fill: "#f7dfa6", stroke: "#000000", stroke_width: 1, dash: "solid", opacity: 1)
    canvas.drawn(Presets.outline("teardrop", 400, 400), Usher::Geometry::Box.new(100, 100, 400, 400, 0), look)
    round = canvas.finish(colour: "#ffffff", notes: "").items.first
    assert_equal [ "polygon", true ], [ round["kind"], round["corners"].size > 25 ]
  end

  def test_a_round_balloon_is_round
    balloon = pptx(shape(at: [ 0, 0, 90, 90 ], form: "wedgeEllipseCallout", look: '<a:solidFill><a:srgbClr val="f7dfa6"/></a:solidFill>', text: "Ebb"))
    assert_equal %w[polygon text], balloon.map { |item| item["kind"] }
    assert_operator balloon.first["corners"].size, :>, 20
  end

  private

  def pptx(slide)
    Tempfile.create("deck") do |file|
      file.binmode
      file.write(Decks.pptx(slide))
      file.flush
      return Slides.open(file.path, PPTX).slide(1).items
    end
  end
end
