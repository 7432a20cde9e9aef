# Pages whose words have changed, so that there is little left to do when somebody searches.
class IndexWordsJob < ApplicationJob
  def perform = Page.unindexed.find_each(&:index_words)
end
