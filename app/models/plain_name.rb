# A name by which somebody or something is told apart: one line, without what hides letters or turns them round, so that
# two that look the same are the same.
module PlainName
  HIDING = /[[:cntrl:]\u00ad\u061c\u180e\u200b-\u200f\u202a-\u202e\u2060-\u2064\u2066-\u2069\ufeff]/

  def self.of(text) = text.to_s.scrub("").gsub(/[[:space:]]+/, " ").gsub(HIDING, "").squish
end
