module Usher
  module Formats
    module Slides
      # A part of the package, with the parts it leads to.
      class OpenXml::Part
        RELATIONS = "http://schemas.openxmlformats.org/officeDocument/2006/relationships".freeze
        STRICT = "http://purl.oclc.org/ooxml/officeDocument/relationships".freeze

        Relation = Struct.new(:kind, :target, :outside)

        class << self
          # The element that is found by these local names, one inside the other; nil where there is none.
          def at(node, *names) = names.reduce(node) { |found, name| found&.element_children&.find { |child| child.name == name } }

          # All that the last name finds.
          def all(node, *names) = at(node, *names[0...-1])&.element_children.to_a.select { |child| child.name == names.last }

          # An attribute that names a relation.
          def relation(node, name) = node&.attribute_with_ns(name, RELATIONS)&.value || node&.attribute_with_ns(name, STRICT)&.value
        end

        attr_reader :name

        # name: in the archive, "" for the package itself.
        def initialize(archive, name)
          @archive, @name = archive, name
        end

        def root = @archive.xml(@name)
        def bytes = @archive.bytes(@name)

        # The part behind a relation's id, nil where there is none.
        def related(id)
          relation = relations[id]
          part(relation.target) if relation && !relation.outside
        end

        # The first part that is related in this way ("slideLayout").
        def follow(kind) = relations.each_value.find { |relation| relation.kind == kind && !relation.outside }&.then { |relation| part(relation.target) }

        # What an element (hlinkClick) opens: a web address, a Jump or nil.
        def opened(click)
          step = click["action"].to_s[%r{\Appaction://hlinkshowjump\?jump=(#{Jump::STEPS.join('|')})slide\z}, 1]
          return Jump.new(step) if step
          id = self.class.relation(click, "id")
          relations[id]&.kind == "slide" ? related(id)&.then { |slide| Jump.new(slide.name) } : address(id)
        end

        # The web address behind a relation's id, where it leads to one that may be opened.
        def address(id)
          relation = relations[id]
          Types::Address.new.call(relation.target) if relation&.outside
        rescue Invalid
          nil
        end

        private

        def part(target)
          path = target.start_with?("/") ? target : File.join(File.dirname(@name), target)
          name = File.expand_path(path, "/").delete_prefix("/")
          self.class.new(@archive, name) if @archive.part?(name)
        end

        def relations
          @relations ||= begin
            name = File.join(File.dirname(@name), "_rels", "#{File.basename(@name)}.rels").delete_prefix("./").delete_prefix("/")
            nodes = @archive.part?(name) ? @archive.xml(name).element_children : []
            nodes.to_h { |node| [ node["Id"], Relation.new(node["Type"].to_s.split("/").last, node["Target"].to_s, node["TargetMode"] == "External") ] }
          end
        end
      end
    end
  end
end
