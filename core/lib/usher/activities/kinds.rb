module Usher
  module Activities
    # The kinds of activity, one file each.
    module Kinds
      Dir[File.join(__dir__, "kinds/*.rb")].each { |file| autoload File.basename(file, ".rb").split("_").map(&:capitalize).join.to_sym, file }
    end
  end
end
