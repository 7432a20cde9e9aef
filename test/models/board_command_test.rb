require "test_helper"

class BoardCommandTest < ActiveSupport::TestCase
  test "each command and each tool that is to be seen says its word, and its icon ships with Usher" do
    sprite = Rails.root.join("vendor/npm/icons.svg").read
    (BoardCommand.all.values + BoardCommand.all("tools").values.reject { |tool| tool.name == "hand" }).each do |command|
      assert command.word.present?, command.name
      assert sprite.include?(%(id="#{command.icon}")), "#{command.name}: #{command.icon}" if command.icon
    end
  end

  test "no key means two things at once" do
    keys = (BoardCommand.all.values + BoardCommand.all("tools").values).select(&:key).flat_map { |command| command.key.split(", ").map { |key| [ key, command.where || command.mode, command.name ] } }
    twice = keys.group_by { |key, where, _| [ key, where ] }.select { |_, those| those.many? }
    assert_empty twice.values
    anywhere = keys.select { |_, where, _| where.nil? }.map(&:first)
    assert_empty keys.select { |key, where, _| where && %w[prepare teach].exclude?(where) && anywhere.include?(key) && key != "Enter" }
  end

  test "the list of keys has every one of them" do
    listed = ApplicationController.helpers.keys_and_words.map(&:first).join(", ")
    BoardCommand.all.each_value { |command| assert_includes listed, command.key if command.key }
  end

  test "a command that is not there is an error, not an empty button" do
    assert_raises(KeyError) { BoardCommand.fetch("sail") }
  end
end
