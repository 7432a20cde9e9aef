module Usher
  module Documents
    module Steps
      # The pile that a thing came from is its "origin"; it was its "source", which is also what a formula
      # is written in. Clippings say what their list is.
      class To2 < Step
        def item(item) = item.key?("source") && item["kind"] != "formula" ? item.except("source").merge("origin" => item["source"]) : item

        def clipping(clipping) = super(clipping.is_a?(Array) ? { "items" => clipping } : clipping)
      end
    end
  end
end
