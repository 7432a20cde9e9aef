# Pages whose words have changed, so that there is little left to do when somebody searches.
class IndexWordsJob < ApplicationJob
  def perform = Page.index_words
end
