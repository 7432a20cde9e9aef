module WallsHelper
  SORTS = { "came" => "As they came", "length" => "By length", "alphabet" => "From A to Z", "most" => "Most first" }.freeze
end
