require "core_test"

class LinkTest < CoreTest
  Link = Usher::Page::Link

  def test_addresses_are_completed_and_checked
    assert_equal "https://gullpoint.example/tides?day=2", address("gullpoint.example/tides?day=2")
    assert_equal "https://gullpoint.example", address(" https://gullpoint.example ")
    assert_equal "mailto:keeper@gullpoint.example", address("mailto:keeper@gullpoint.example")
    [ "javascript:alert(1)", "JaVaScRiPt:alert(1)", "data:text/html,x", "vbscript:x", "file:///etc/passwd", "//gullpoint.example", "https://", "ftp://gullpoint.example", "lighthouse", "", nil, 7, "https://gull point.example", "https://a\u0000b.example", "x" * 3_000 ].each do |bad|
      assert_invalid { address(bad) }
    end
  end

  def test_each_kind_has_what_it_needs_and_nothing_else
    [ { "to" => "page", "page" => 3 }, { "to" => "activity", "activity" => 3 }, { "to" => "sound", "asset" => 3, "name" => "bell.mp3" } ].each { |link| assert_equal link, Link.call(link) }
    [ {}, { "to" => "moon" }, { "to" => "page" }, { "to" => "page", "page" => "3" }, { "to" => "page", "page" => 0 }, { "to" => "page", "page" => 3, "extra" => 1 }, { "to" => "file", "asset" => 3 }, "page", nil, [] ].each { |link| assert_invalid { Link.call(link) } }
  end

  def test_in_another_lesson_a_link_leads_to_what_came_along_or_nowhere
    page, file = { "to" => "page", "page" => 3 }, { "to" => "file", "asset" => 3, "name" => "tide.pdf" }
    assert_equal page.merge("page" => 9), Link.elsewhere(page, pages: { 3 => 9 }, activities: {})
    assert_nil Link.elsewhere(page, pages: {}, activities: { 3 => 9 })
    assert_equal file, Link.elsewhere(file, pages: {}, activities: {})
    note = item("note", link: page)
    assert_nil note.relinked.link
    assert_equal 9, note.relinked(pages: { 3 => 9 }).link["page"]
    assert_same note.change("link" => nil).link, nil
  end

  def test_a_thing_says_what_it_opens_and_shows_it
    note = item("note", link: { "to" => "sound", "asset" => 4, "name" => "bell.mp3" })
    assert_equal [ 4, nil ], [ note.asset, note.activity ]
    drawn = Usher::Page::Drawing.item(Usher::Page::Placed.new(note, 1), 1)
    assert_includes drawn, "data-link="
    assert_includes drawn, "M-6 6L6 -6"
    refute_includes Usher::Page::Drawing.item(Usher::Page::Placed.new(item("note"), 1), 1), "data-link"
    assert_equal 3, item("note", link: { "to" => "activity", "activity" => 3 }).activity
  end

  private

  def address(text) = Link.call({ "to" => "address", "address" => text })["address"]
end
