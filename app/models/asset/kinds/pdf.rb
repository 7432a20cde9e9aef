# Its pages become papers (see Import); as a thing on a page it is a file to open.
class Asset::Kinds::Pdf < Asset::Kinds::File
  def facts = "#{@asset.facts['pages']} #{'page'.pluralize(@asset.facts['pages'])}"
end
