module Usher
  # Finds classes by name: one file in a folder is one entry. Adding a kind is adding a file.
  #
  #   Items = Registry.new(Items, "usher/items", missing: "no such kind of item")
  class Registry
    include Enumerable

    # namespace: the module the files define their classes in; folder: where the files are;
    # missing: what to say when a name is not known; except: file names that are not entries.
    def initialize(namespace, folder, missing:, except: [])
      @missing = missing
      @entries = Dir[File.join(folder, "*.rb")].sort.each_with_object({}) do |file, entries|
        name = File.basename(file, ".rb")
        next if except.include?(name)
        require file
        entries[name] = namespace.const_get(name.split("_").map(&:capitalize).join)
      end.freeze
    end

    # The class named so; raises Invalid for anything else, whatever its type.
    def fetch(name)
      @entries.fetch(name) { raise Invalid, "Usher does not know this: #{@missing} (#{name.to_s[0, 40].inspect})." }
    end

    def names = @entries.keys
    def each(&block) = @entries.each(&block)
  end
end
