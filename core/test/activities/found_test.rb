require "core_test"

class FoundTest < CoreTest
  Found = Usher::Activities::Found

  def item(kind, id, x, y, width, height, **values) = Usher::Items.build({ "kind" => kind, "id" => id, "x" => x, "y" => y, "width" => width, "height" => height, **values.transform_keys(&:to_s) })
  def words(id, text, x = 100, y = 100, width: 300, height: 60) = item("text", id, x, y, width, height, text: text)
  def picture(**values) = item("picture", "pic", 100, 100, 400, 200, picture: 7, alt: "The bay", **values)
  def found(kind, *items) = Found.on(items).select { |proposal| proposal.kind == kind }

  # What a proposal would hold once it is kept.
  def made(proposal)
    kind = Usher::Activities.registry.fetch(proposal.kind)
    settings = kind.settings.to_h { |name, setting| [ name, setting.read(proposal.settings[name]) ] }
    kind.build(kind.from_form(table: proposal.rows, settings: settings, text: proposal.text, picture: proposal.picture)).content
  end

  def test_gaps_from_a_text_of_some_length
    text = "At ebb the water falls and leaves the harbour. Twice a day it rises again, and the boats float at their ropes."
    assert_empty found("gaps", words("a", "At ebb the water falls"))
    proposal = found("gaps", words("a", text)).first
    assert_equal "a", proposal.from
    assert_equal text, proposal.text.delete("[]")
    assert_operator made(proposal)["text"].grep(Hash).size, :>=, 2
  end

  def test_pairs_from_two_columns_also_with_pictures
    left, right = %w[ebb flood slack].each_with_index.map { |word, row| words("l#{row}", word, 100, 100 + row * 100) }, %w[falls rises].each_with_index.map { |word, row| words("r#{row}", word, 620 + row * 10, 110 + row * 100) }
    shown = item("picture", "r2", 600, 290, 80, 80, picture: 9)
    proposals = found("match", *left.shuffle, *right, shown) + found("memory", *left, *right, shown)
    assert_equal [ [ "ebb", "falls" ], [ "flood", "rises" ], [ "slack", { "picture" => 9 } ] ], proposals.first.rows
    assert_equal %w[match memory], proposals.map { |proposal| made(proposal) && proposal.kind }
    assert_empty found("match", *left.first(2), *right), "two rows are no table"
    assert_empty found("match", words("x", "far", 100, 100), words("y", "from", 900, 300), words("z", "each", 300, 600))
  end

  def test_an_order_from_the_lines_of_a_list
    proposal = found("order", words("a", "1. cast off\n2. hoist the sail\n- steer out\n")).first
    assert_equal [ [ nil, "cast off", "hoist the sail", "steer out" ] ], proposal.rows
    assert_equal "things", made(proposal)["of"]
    assert_empty found("order", words("a", "one\ntwo"))
  end

  def test_labels_from_short_texts_on_a_picture
    proposal = found("label", picture, words("a", "the mole", 150, 170), words("b", "beside it", 800, 100), words("c", "x" * 50, 150, 200)).first
    assert_equal [ "the mole" ], proposal.rows.map(&:first)
    assert_in_middle proposal
    assert_equal({ "picture" => 7, "alt" => "The bay" }, made(proposal)["picture"])
    assert_empty found("label", picture)
  end

  # Two sweeps over one word are one spot; a single one elsewhere is another. The picture is 400 by 200.
  def test_labels_from_what_was_rubbed_out_of_a_picture
    rubbed = [ [ [ 40, 40 ], [ 120, 40 ] ], [ [ 60, 50 ], [ 120, 52 ] ], [ [ 300, 150 ], [ 320, 150 ] ] ].map { |points| { "points" => points, "stroke_width" => 20, "span" => [ 400, 200 ] } }
    lines = { 7 => [ [ 0.11, 0.16, 0.16, 0.1, "the mole" ], [ 0.6, 0.1, 0.2, 0.1, "still there" ] ] }
    proposal = Found.on([ picture(rubbed: rubbed) ], lines).find { |one| one.kind == "label" }
    assert_equal [ "the mole", "" ], proposal.rows.map(&:first)
    assert_equal [ [ 0.2, 0.23 ], [ 0.775, 0.75 ] ], proposal.rows.map { |_, at| at.split.map { |share| share.to_f.round(3) } }
    mirrored = Found.on([ picture(rubbed: rubbed, mirror: "across") ], lines).find { |one| one.kind == "label" }
    assert_equal [ [ 0.8, 0.23 ], [ 0.225, 0.75 ] ], mirrored.rows.map { |_, at| at.split.map { |share| share.to_f.round(3) } }
    cropped = Found.on([ picture(rubbed: rubbed, crop: [ 0, 0, 0.5, 1 ]) ], lines).find { |one| one.kind == "label" }
    assert_equal [ [ "the mole", [ 0.4, 0.23 ] ] ], cropped.rows.map { |words, at| [ words, at.split.map { |share| share.to_f.round(3) } ] }
  end

  def test_a_turned_picture_has_its_labels_where_they_lie
    assert_in_middle found("label", picture(angle: 90), words("a", "the mole", 150, 170)).first
  end

  def test_things_to_find_from_shapes_over_a_picture
    round = item("ellipse", "e", 200, 150, 100, 50)
    turned = item("rectangle", "t", 350, 180, 60, 60, angle: 45)
    outside = item("rectangle", "o", 450, 150, 200, 50)
    proposal = found("find", picture, round, turned, outside).first
    assert_equal "ellipse 0.25 0.25 0.5 0.5", proposal.rows[0][1]
    assert_equal %w[ellipse outline], proposal.rows.map { |_, area| area.split.first }
    assert_equal 2, made(Found::Proposal.new(**proposal.to_h, rows: proposal.rows.zip(%w[buoy boat]).map { |(_, area), name| [ name, area ] }))["things"].size
  end

  private

  def assert_in_middle(proposal) = proposal.rows[0][1].split.each { |share| assert_in_delta 0.5, share.to_f, 0.05 }
end
