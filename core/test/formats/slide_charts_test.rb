require "core_test"
require "support/decks"
require "tempfile"

# Charts of slides, drawn anew from the numbers that are kept in them.
class SlideChartsTest < CoreTest
  include Decks

  # The chart's part, with series of values.
  def charted(kind, series, categories: %w[Mon Tue Wed], more: "", title: "High water", axes: "", beside: "", own: "", cached: "str", parts: {})
    kept = ->(values) { values.each_with_index.map { |value, index| %(<c:pt idx="#{index}"><c:v>#{value}</c:v></c:pt>) unless value.nil? }.join }
    rows = series.map { |name, values| %(<c:ser>#{own}<c:tx><c:strRef><c:strCache>#{kept.([ name ])}</c:strCache></c:strRef></c:tx><c:cat><c:#{cached}Ref><c:#{cached}Cache>#{"<c:formatCode>mm/yy</c:formatCode>" if cached == "num"}#{kept.(categories)}</c:#{cached}Cache></c:#{cached}Ref></c:cat><c:val><c:numRef><c:numCache>#{kept.(values)}</c:numCache></c:numRef></c:val></c:ser>) }.join
    xml = %(<c:chartSpace xmlns:c="urn:c" xmlns:a="urn:a"><c:chart><c:title><c:tx><c:rich><a:p><a:r><a:t>#{title}</a:t></a:r></a:p></c:rich></c:tx></c:title><c:plotArea><c:#{kind}>#{more}#{rows}</c:#{kind}>#{axes}</c:plotArea>#{beside}</c:chart></c:chartSpace>)
    frame = %(<p:graphicFrame><p:nvGraphicFramePr><p:cNvPr id="4" name=""/></p:nvGraphicFramePr><p:xfrm><a:off x="1270000" y="1270000"/><a:ext cx="5080000" cy="3810000"/></p:xfrm><a:graphic><a:graphicData uri="http://x/chart"><c:chart xmlns:c="urn:c" r:id="c1"/></a:graphicData></a:graphic></p:graphicFrame>)
    pptx_slide({ tree: frame, more: [ [ "c1", "chart", "../charts/c.xml" ] ] }, parts: { "ppt/charts/c.xml" => xml, **parts })
  end

  LEGEND = '<c:legend><c:legendPos val="b"/></c:legend>'.freeze

  def bars(slide) = slide.items.select { |item| item["kind"] == "rectangle" }
  def words_on(slide) = slide.items.filter_map { |item| item["text"] }

  def test_charts_are_drawn_from_their_kept_numbers
    columns = charted("barChart", { "Quay" => [ 2, 4, 3 ], "Pier" => [ 1, nil, 5 ] }, beside: LEGEND)
    assert_empty columns.missing
    assert_equal 5 + 2, bars(columns).size, "bars and the legend's squares"
    [ "High water", "Mon", "Wed", "Quay", "Pier", "0", "4" ].each { |word| assert_includes words_on(columns), word }
    tall = bars(columns).select { |item| item["fill"] == "#9a3a61" && item["height"] > 20 }.map { |item| item["height"] }
    assert_in_delta 2, tall[1] / tall[0], 0.02
    assert_equal 3, bars(charted("barChart", { "Quay" => [ 2, 4, 3 ] }, more: '<c:barDir val="bar"/>')).size
    assert_operator charted("lineChart", { "Quay" => [ 2, 4, 3 ] }).items.count { |item| item["kind"] == "line" }, :>=, 2 + 3
    assert_equal %w[chart], charted("surfaceChart", { "Quay" => [ 2 ] }).missing
    assert_equal %w[chart], charted("barChart", {}).missing
    assert_equal %w[thing], charted("barChart", { "Quay" => %w[1e999 2] }).missing, "beyond all numbers"
    %w[barChart lineChart areaChart pieChart radarChart].product([ [ 0, 0, 0 ], [ -5, 5, -1e9 ], [ "x", "y", 3 ], [ 1 ] ]).each { |kind, odd| assert_empty charted(kind, { "Quay" => odd }, beside: LEGEND).missing, "#{kind} #{odd.inspect}" }
  end

  def test_bars_stand_on_each_other_as_numbers_or_as_shares
    tops = ->(grouping) { bars(charted("barChart", { "Quay" => [ 1, 3, 3 ], "Pier" => [ 1, 1, 9 ] }, more: %(<c:grouping val="#{grouping}"/><c:overlap val="100"/>))).group_by { |bar| bar["x"].round }.values.map { |pile| pile.sum { |bar| bar["height"] }.round(1) } }
    assert_equal 1, tops.("percentStacked").uniq.size, "every pile is a whole"
    assert_equal [ 2, 4, 12 ], tops.("stacked").then { |piles| piles.map { |high| (high / piles[0] * 2).round } }
    assert_includes words_on(charted("barChart", { "Quay" => [ 1 ], "Pier" => [ 3 ] }, more: '<c:grouping val="percentStacked"/>')), "50%"
  end

  def test_a_legend_beside_piles_has_their_order
    named = ->(side, grouping) { words_on(charted("barChart", { "Quay" => [ 1 ], "Pier" => [ 3 ] }, more: %(<c:grouping val="#{grouping}"/>), beside: %(<c:legend><c:legendPos val="#{side}"/></c:legend>))).grep(/Quay|Pier/) }
    assert_equal [ %w[Pier Quay], %w[Quay Pier], %w[Quay Pier] ], [ named.("r", "stacked"), named.("b", "stacked"), named.("r", "clustered") ]
  end

  def test_a_deep_pie_leans_back_and_has_walls_in_front
    flat, deep = charted("pieChart", { "Quay" => [ 1, 1, 2 ] }), charted("pie3DChart", { "Quay" => [ 1, 1, 2 ] })
    forms = ->(slide) { slide.items.select { |item| %w[polygon picture].include?(item["kind"]) } }
    assert_equal [ 3, 5 ], [ forms.(flat).size, forms.(deep).size ], "of the slices from the right to the left below, two are in front"
    walls, slices = forms.(deep).partition { |item| !forms.(flat).map { |one| one["fill"] }.include?(item["fill"]) }
    assert_equal 2, walls.size
    breadth = slices.map { |item| item["x"] + item["width"] }.max - slices.map { |item| item["x"] }.min
    height = slices.map { |item| item["y"] + item["height"] }.max - slices.map { |item| item["y"] }.min
    assert_in_delta 0.5, height / breadth, 0.02, "seen from 30 degrees above"
    assert_operator walls.map { |item| item["y"] + item["height"] }.max, :>, slices.map { |item| item["y"] + item["height"] }.max
  end

  def test_slices_may_lie_apart
    middle = ->(own) { charted("pieChart", { "Quay" => [ 1, 1 ] }, own: own).items.select { |item| item["kind"] == "polygon" }.map { |item| item["x"] } }
    together, apart = middle.(""), middle.('<c:explosion val="20"/>')
    assert_operator apart[0] - apart[1], :>, together[0] - together[1] + 5
    assert_in_delta 0, middle.('<c:dPt><c:idx val="0"/><c:explosion val="0"/></c:dPt>')[0] - together[0], 0.1
  end

  def test_deep_bars_have_two_sides_more
    forms = ->(kind, more = "") { charted(kind, { "Quay" => [ 2, 4 ] }, more: more).items.map { |item| item["kind"] }.tally.values_at("rectangle", "polygon") }
    assert_equal [ [ 2, nil ], [ 2, 4 ], [ 2, 4 ] ], [ forms.("barChart"), forms.("bar3DChart"), forms.("bar3DChart", '<c:barDir val="bar"/>') ]
    many = (1..160).to_h { |n| [ "Quay #{n}", [ n ] ] }
    assert_equal 0, charted("bar3DChart", many, categories: %w[Mon]).items.count { |item| item["kind"] == "polygon" }
  end

  def test_an_axis_is_as_the_file_says
    axis = ->(inner) { charted("barChart", { "Quay" => [ 2, 4, 3 ] }, axes: "<c:catAx/><c:valAx>#{inner}</c:valAx>") }
    assert_includes words_on(axis.('<c:numFmt formatCode="&quot;£&quot;#,##0.00"/><c:scaling><c:max val="3000"/></c:scaling>')), "£1,500.00"
    assert_equal %w[0 2 4 6], words_on(axis.('<c:scaling><c:min val="0"/><c:max val="6"/></c:scaling><c:majorUnit val="2"/>')).grep(/\A\d\z/).sort
    assert_empty words_on(axis.('<c:delete val="1"/>')).grep(/\A\d\z/)
    lines = ->(inner) { axis.(inner).items.count { |item| item["kind"] == "line" } }
    assert_operator lines.("<c:majorGridlines/>"), :>, lines.("") + 3
  end

  def test_words_that_have_no_room_under_their_bars_slope
    names = [ "Lighthouse keepers", "Harbour pilots", "Ropemakers", "Sailmakers", "Fishwives", "Boatbuilders", "Coastguards", "Ferrymen" ]
    slide = charted("barChart", { "Crew" => [ 1 ] * 8 }, categories: names)
    assert_equal [ -45.0 ], slide.items.select { |item| names.include?(item["text"]) }.map { |item| item["angle"].to_f }.uniq
    assert_equal [ 0.0 ], charted("barChart", { "Crew" => [ 1, 2 ] }, categories: %w[Ebb Flow]).items.filter_map { |item| item["angle"] if %w[Ebb Flow].include?(item["text"]) }.uniq
  end

  def test_words_of_each_part_look_as_the_file_says
    look = ->(inner) { "<c:txPr><a:bodyPr rot=\"-5400000\"/><a:p><a:pPr><a:defRPr #{inner}/></a:pPr></a:p></c:txPr>" }
    slide = charted("barChart", { "Quay" => [ 2, 4, 3 ] }, beside: '<c:legend><c:legendPos val="b"/><c:layout><c:manualLayout><c:xMode val="edge"/><c:yMode val="edge"/><c:x val="0.5"/><c:y val="0.1"/><c:w val="0.4"/><c:h val="0.1"/></c:manualLayout></c:layout>' + look.('sz="900"') + "</c:legend>",
      axes: "<c:catAx>#{look.('sz="2000" b="1"')}</c:catAx><c:valAx>#{look.('sz="800"')}</c:valAx>", more: "<c:dLbls>#{look.('sz="1400" b="1"')}<c:showVal val=\"1\"/></c:dLbls>")
    scale = slide.items.find { |item| item["text"] == "High water" }["size"] / 18
    looks = ->(words) { slide.items.select { |item| item["text"] == words }.map { |item| [ (item["size"] / scale).round, item["bold"] ] }.uniq }
    assert_equal [ [ [ 18, true ] ], [ [ 20, true ] ], [ [ 9, false ] ] ], [ "High water", "Mon", "Quay" ].map(&looks)
    assert_equal [ [ 8, false ], [ 14, true ] ], looks.("4").sort
    assert_equal [ -90.0 ], slide.items.filter_map { |item| item["angle"] if item["text"] == "Mon" }
    assert_in_delta (100 + 0.1 * 300) * scale, slide.items.find { |item| item["text"] == "Quay" }["y"], 30, "the legend stands where the file puts it"
  end

  def test_axes_have_titles_and_a_chart_has_a_ground_and_a_wall
    title = ->(words) { "<c:title><c:tx><c:rich><a:p><a:r><a:t>#{words}</a:t></a:r></a:p></c:rich></c:tx></c:title>" }
    axes = "<c:catAx>#{title.("Day")}</c:catAx><c:valAx>#{title.("Metres")}</c:valAx><c:spPr>#{solid("F7DFA6")}</c:spPr>"
    standing, lying = [ "", '<c:barDir val="bar"/>' ].map { |way| charted("barChart", { "Quay" => [ 2, 4, 3 ] }, axes: axes, more: way).items }
    turns = ->(items) { %w[Day Metres].map { |words| items.find { |item| item["text"] == words }["angle"].round } }
    assert_equal [ [ 0, -90 ], [ -90, 0 ] ], [ turns.(standing), turns.(lying) ]
    assert_equal "#f7dfa6", standing.find { |item| item["kind"] == "rectangle" }["fill"], "behind the bars"
    assert_empty words_on(charted("pieChart", { "Quay" => [ 2, 4, 3 ] }, axes: axes)) & %w[Day Metres]
  end

  def test_an_axis_of_values_close_to_each_other_does_not_begin_at_nothing
    scale = Usher::Formats::Slides::Chart::Scale
    assert_equal [ [ 11.0, 14.5 ], [ 0, 16 ], [ 0, 14 ], [ 0, 14 ] ], [ [ [ 12.0, 14.0 ] ], [ [ 12.0, 15.0 ] ], [ [ 13.0 ] ], [ [ 12.0, 14.0 ], { low: 0, high: 14 } ] ].map { |values, more| scale.new(values, **more.to_h).then { |one| [ one.low, one.high ] } }
  end

  def test_axes_have_lines_of_their_own_colours_or_none
    ln = ->(inner) { "<c:spPr><a:ln>#{inner}</a:ln></c:spPr>" }
    colours = ->(names, numbers) { charted("barChart", { "Quay" => [ 2, 4, 3 ] }, axes: "<c:catAx>#{names}</c:catAx><c:valAx>#{numbers}</c:valAx>").items.select { |item| item["kind"] == "line" }.map { |item| item["stroke"] }.tally }
    grey = Usher::Formats::Slides::Chart::GREY
    assert_equal [ { grey => 2 }, { "#b3411d" => 1, grey => 1 }, { grey => 1 } ], [ colours.("", ""), colours.(ln.(solid("B3411D")), ""), colours.("", ln.("<a:noFill/>")) ]
  end

  def test_forms_have_the_edges_and_lines_the_breadth_that_the_file_says
    ln = ->(inner) { %(<c:spPr><a:solidFill><a:srgbClr val="1E6079"/></a:solidFill><a:ln #{inner}</a:ln></c:spPr>) }
    own = ln.('w="25400"><a:solidFill><a:srgbClr val="AA3311"/></a:solidFill>')
    edges = ->(own) { bars(charted("barChart", { "Quay" => [ 2, 4, 3 ] }, own: own)).map { |bar| bar.values_at("stroke", "stroke_width") }.uniq }
    unit = 5 / 3.0 # page units of a point of such a deck
    assert_equal [ [ "#aa3311", (2 * unit).round(2) ] ], edges.(own)
    assert_equal [ [ "none", 0 ] ], edges.(ln.("><a:noFill/>"))
    assert_equal [ [ "none", 0 ] ], edges.("")
    broad = ->(own) { charted("lineChart", { "Quay" => [ 2, 4, 3 ] }, own: own, axes: "<c:catAx/><c:valAx/>").items.select { |item| item["kind"] == "line" }.map { |item| item["stroke_width"] }.max }
    assert_equal [ 6 * unit, 2.25 * unit ].map { |width| width.round(2) }, [ broad.(ln.('w="76200">')), broad.("") ].map { |width| width.round(2) }
    slice = ->(own) { charted("pieChart", { "Quay" => [ 2, 4 ] }, own: own).items.select { |item| item["kind"] == "polygon" || item["kind"] == "path" || item["kind"] == "free" }.map { |item| item["stroke"] }.uniq }
    assert_equal [ %w[#aa3311], [ Usher::Colour::WHITE ] ], [ slice.(own), slice.("") ]
  end

  def test_words_of_a_chart_are_in_the_face_that_the_file_says
    faces = ->(more, own) { charted("barChart", { "Quay" => [ 2, 4, 3 ] }, beside: LEGEND + more, axes: "<c:catAx/><c:valAx>#{own}</c:valAx>").items.filter_map { |item| item["font"] if item["kind"] == "text" }.uniq.sort }
    look = ->(face) { %(<c:txPr><a:p><a:pPr><a:defRPr><a:latin typeface="#{face}"/></a:defRPr></a:pPr></a:p></c:txPr>) }
    assert_equal [ %w[plain], %w[plain tome] ], [ faces.("", ""), faces.("", look.("Georgia")) ]
  end

  def test_what_stands_at_a_bar_stands_where_the_file_says
    [ "", '<c:barDir val="bar"/>' ].each do |way|
      side, long = way.empty? ? %w[y height] : %w[x width]
      middles = [ nil, "outEnd", "inEnd", "ctr", "inBase" ].map do |place|
        items = charted("barChart", { "Quay" => [ 99, 57, 99 ] }, more: %(#{way}<c:dLbls>#{%(<c:dLblPos val="#{place}"/>) if place}<c:showVal val="1"/></c:dLbls>)).items
        bar, words = bars(Struct.new(:items).new(items)).min_by { |item| item[long] }, items.find { |item| item["text"] == "57" }
        from, to = [ bar, words ].map { |item| item[side] + item[long] / 2.0 }
        ((way.empty? ? from - to : to - from) / bar[long]).round(2)
      end
      assert_equal middles[0], middles[1]
      assert_equal middles.drop(1), middles.drop(1).sort.reverse, "further and further down"
      assert_operator middles[1], :>, 0.5
      assert_in_delta 0, middles[3], 0.01
      assert_operator middles[4], :>, -0.5
    end
  end

  def test_nothing_stands_at_a_value_where_the_file_took_it_away
    own = '<c:dLbls><c:dLbl><c:idx val="1"/><c:delete val="1"/></c:dLbl><c:showVal val="1"/></c:dLbls>'
    %w[barChart lineChart pieChart].each { |kind| assert_equal %w[17 39], words_on(charted(kind, { "Quay" => [ 17, 28, 39 ] }, own: own)) & %w[17 28 39], kind }
  end

  def test_days_are_written_as_the_file_says
    dates = Usher::Formats::Slides::Chart::Dates
    assert_equal [ "1 Oct 12", "01/10/2012", "October", "Mon 1.", "day 1" ], [ "d mmm yy", "dd/mm/yyyy", "mmmm", "ddd d\\.", '"day" d;@' ].map { |pattern| dates.say(41_183.75, pattern) }
    assert_equal [ true, true, false, false, false ], [ "yyyy", "d.m.", "0.0%", '"dm"0', "[Red]0" ].map { |pattern| dates.format?(pattern) }
    [ 0, -5, 1e9, Float::NAN, Float::INFINITY ].each { |day| assert_nil dates.say(day, "yyyy"), day.inspect }
    days = ->(axis) { charted("lineChart", { "Quay" => [ 1, 2 ] }, categories: [ 41_183, 41_214 ], axes: "<c:dateAx>#{axis}</c:dateAx>", cached: "num") }
    assert_equal %w[Oct Nov], words_on(days.('<c:numFmt formatCode="mmm" sourceLinked="0"/>')) & %w[Oct Nov]
    assert_equal %w[10/12 11/12], words_on(days.("")) & %w[10/12 11/12]
  end

  def test_words_stand_at_their_axis_also_where_values_lie_below_it
    foot = ->(inner) { charted("barChart", { "Quay" => [ 2, -4, 3 ] }, axes: "<c:catAx>#{inner}</c:catAx><c:valAx/>").items.then { |items| [ "Mon", "-4" ].map { |words| items.find { |item| item["text"] == words }["y"] } } }
    assert_operator foot.("").reduce(:-), :<, -60, "above the lowest number"
    assert_operator foot.('<c:tickLblPos val="low"/>').reduce(:-), :>, 0
  end

  def test_slices_begin_where_the_file_says_and_may_be_named
    first = ->(more) { charted("pieChart", { "Quay" => [ 1, 1, 2 ] }, more: more).items.find { |item| item["kind"] == "polygon" } }
    upright, turned = first.(""), first.('<c:firstSliceAng val="90"/>')
    assert_in_delta upright["x"], turned["x"], 1
    assert_in_delta upright["y"] + upright["height"], turned["y"], 1, "a quarter further"
    assert_equal [ "Mon", "Tue", "Wed", "25%", "50%" ], words_on(charted("pieChart", { "Quay" => [ 1, 1, 2 ] }, more: '<c:dLbls><c:showCatName val="1"/><c:showPercent val="1"/></c:dLbls>')).uniq.sort_by { |words| [ words.match?(/%/) ? 1 : 0, words ] } - [ "High water" ]
  end

  # Boats in thousands as columns, shares as a line on the right.
  def test_a_second_axis_has_its_own_numbers
    axes = '<c:catAx><c:axId val="1"/></c:catAx><c:valAx><c:axId val="2"/></c:valAx><c:catAx><c:axId val="3"/></c:catAx><c:valAx><c:axId val="4"/><c:scaling><c:max val="1"/></c:scaling><c:numFmt formatCode="0%"/></c:valAx>'
    values = ->(numbers) { "<c:val><c:numRef><c:numCache>#{numbers.each_with_index.map { |value, index| %(<c:pt idx="#{index}"><c:v>#{value}</c:v></c:pt>) }.join}</c:numCache></c:numRef></c:val>" }
    line = ->(ids) { "<c:lineChart><c:ser>#{values.([ 0.5, 1, 0 ])}</c:ser>#{ids}</c:lineChart>" }
    combined = ->(ids) { charted("barChart", { "Boats" => [ 2000, 4000, 3000 ] }, title: "", more: '<c:axId val="1"/><c:axId val="2"/>', axes: line.(ids) + axes) }
    drawn = ->(slide) { slide.items.find { |item| item["stroke_width"].to_f > 3 } }
    right = combined.('<c:axId val="3"/><c:axId val="4"/>')
    assert_includes words_on(right), "60%"
    assert_includes words_on(right), "4000"
    assert_operator drawn.(right)["height"], :>, 200, "from the middle to the top"
    left = combined.('<c:axId val="1"/><c:axId val="2"/>')
    assert_empty words_on(left).grep(/%/)
    assert_operator drawn.(left)["height"], :<, 10
  end

  def test_a_chart_may_have_colours_and_faces_of_its_own
    own = { "ppt/charts/_rels/c.xml.rels" => Decks.relations([ "t1", "themeOverride", "../theme/o.xml" ]), "ppt/theme/o.xml" => %(<a:themeOverride #{Decks::XML}><a:clrScheme><a:accent1><a:srgbClr val="1E6079"/></a:accent1></a:clrScheme><a:fontScheme><a:minorFont><a:latin typeface="Georgia"/></a:minorFont></a:fontScheme></a:themeOverride>) }
    assert_equal [ %w[plain], %w[tome] ], [ {}, own ].map { |parts| charted("barChart", { "Quay" => [ 2 ] }, parts: parts).items.filter_map { |item| item["font"] if item["kind"] == "text" }.uniq }
    assert_equal [ %w[#9a3a61], %w[#1e6079] ], [ {}, own ].map { |parts| bars(charted("barChart", { "Quay" => [ 2, 4, 3 ] }, parts: parts)).map { |bar| bar["fill"] }.uniq }
  end

  def test_lines_and_dots_are_there_as_the_file_says
    drawn = ->(inner) { charted("lineChart", { "Quay" => [ 2, 4, 3 ] }, more: inner).items.map { |item| item["kind"] }.tally.values_at("ellipse", "line", "polyline") }
    assert_equal [ nil, 3 ], [ drawn.("")[0], drawn.('<c:marker val="1"/>')[0] ]
    bare = charted("lineChart", { "Quay" => [ 2, 4, 3 ] }, own: '<c:spPr><a:ln><a:noFill/></a:ln></c:spPr><c:marker><c:symbol val="circle"/><c:spPr><a:solidFill><a:srgbClr val="B3411D"/></a:solidFill></c:spPr></c:marker>').items
    assert_equal %w[#b3411d], bare.filter_map { |item| item["fill"] if item["kind"] == "ellipse" }.uniq
    with, without = [ charted("lineChart", { "Quay" => [ 2, 4, 3 ] }).items, bare ].map { |items| items.count { |item| item["stroke_width"].to_f > 3 } }
    assert_operator with, :>, without
  end

  def test_slices_points_webs_and_areas
    pie = charted("pieChart", { "Quay" => [ 2, 4, 2 ] }, beside: LEGEND, more: '<c:dLbls><c:showPercent val="1"/></c:dLbls>')
    assert_equal 3, pie.items.count { |item| item["kind"] == "polygon" }
    assert_equal [ "25%", "50%", "25%" ], words_on(pie).grep(/%/)
    assert_equal %w[Mon Tue Wed], words_on(pie) & %w[Mon Tue Wed]
    assert_equal 2, charted("areaChart", { "Quay" => [ 2, 4, 3 ], "Pier" => [ 1, 1, 1 ] }).items.count { |item| item["kind"] == "polygon" }
    assert_equal 3, charted("scatterChart", { "Quay" => [ 2, 4, 3 ] }).items.count { |item| item["kind"] == "ellipse" }
    web = charted("radarChart", { "Quay" => [ 2, 4, 3 ] })
    assert_empty web.missing
    assert_includes words_on(web), "Tue"
  end

  def test_what_stands_at_each_value
    labelled = ->(inner) { words_on(charted("barChart", { "Quay" => [ 2.5, 41, 3 ] }, more: "<c:dLbls>#{inner}</c:dLbls>")) }
    assert_includes labelled.('<c:showVal val="1"/>'), "41"
    refute_includes labelled.('<c:showVal val="0"/>'), "41"
    refute_includes labelled.('<c:delete/><c:showVal val="1"/>'), "41"
  end

  def test_numbers_are_said_as_a_spreadsheet_has_them
    say = Usher::Formats::Slides::Chart::Numbers.method(:say)
    { [ 0.5, "0%" ] => "50%", [ 1234.5, "#,##0.00" ] => "1,234.50", [ 3.0, nil ] => "3", [ 3.25, "General" ] => "3.25", [ 7, '"£"0' ] => "£7", [ -12_345, "#,##0" ] => "-12,345", [ 2, "[Red]0.0;(0.0)" ] => "2.0", [ 4, "@" ] => "4" }.each do |(value, pattern), words|
      assert_equal words, say.(value, pattern), pattern.inspect
    end
    assert_operator say.(1, "0." + "0" * 100_000).length, :<, 100
  end

  def test_an_axis_goes_in_steps_that_are_read_easily
    axis = ->(values, **given) { Usher::Formats::Slides::Chart::Scale.new(values, **given).then { |scale| [ scale.low, scale.high, scale.step ] } }
    assert_equal [ 0, 600, 100 ], axis.([ 380, 550 ], most: 6)
    assert_equal [ 0, 40, 5 ], axis.([ 5, 37 ])
    assert_equal [ 0, 1, 0.1 ], axis.([ 0.0, 1.0 ], bound: true)
    assert_equal [ -6, 6, 2 ], axis.([ -5, 5 ], most: 6)
    assert_equal [ 0, 3, 1 ], axis.([ 9 ], low: 0, high: 3, step: 1)
    [ [], [ 0 ], [ 1e12 ], [ -1e-9, 1e9 ] ].each { |odd| assert_operator axis.(odd)[2], :>, 0, odd.inspect }
    assert_operator Usher::Formats::Slides::Chart::Scale.new([ 1 ], low: 0, high: 1e9, step: 1e-9).ticks.size, :<, 50
  end

  private

  def pptx_slide(slide, **more)
    Tempfile.create("deck") do |file|
      file.binmode
      file.write(Decks.pptx(slide, **more))
      file.flush
      Usher::Formats::Slides.open(file.path, Decks::PPTX).slide(1).tap { |made| made.items.each { |item| Usher::Items.build(item.merge(item.slice("picture", "asset").transform_values { 1 })) } }
    end
  end
end
