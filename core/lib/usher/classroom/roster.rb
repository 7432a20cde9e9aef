require "csv"

module Usher
  module Classroom
    # A roster in the CSV binding of OneRoster (1EdTech, 1.1 and 1.2): users.csv, and beside it classes.csv and
    # enrollments.csv, alone or in one ZIP. Who is marked as to be deleted, and who is no student, is left out.
    class Roster
      Listed = Struct.new(:title, :students) # students: of Person
      Person = Struct.new(:name, :id)
      MOST_ROWS = 20_000
      GONE = "tobedeleted".freeze

      # files: { name => text }, names as in the archive. Raises Invalid.
      def initialize(files)
        @tables = files.filter_map { |name, text| [ File.basename(name.to_s).downcase, table(name, text) ] if File.extname(name.to_s).casecmp?(".csv") }.to_h
        raise Invalid, "There is no users.csv in this. A OneRoster export has one." unless @tables["users.csv"]
      end

      # Those of the classes that have students; all students together where no class is named.
      def classes
        return [ Listed.new("", students.values.sort_by(&:name)) ].select { |listed| listed.students.any? } unless @tables["classes.csv"] && @tables["enrollments.csv"]
        rows("classes.csv").filter_map do |row|
          own = (enrolled[row["sourcedid"]] || []).filter_map { |id| students[id] }.uniq
          Listed.new(row["title"].to_s.strip, own.sort_by(&:name)) if own.any?
        end
      end

      private

      # { id => Person }
      def students
        @students ||= rows("users.csv").select { |row| row["role"].to_s.empty? || row["role"].casecmp?("student") }.filter_map { |row| person(row) }.to_h { |one| [ one.id, one ] }
      end

      def person(row)
        name = [ row["preferredfirstname"].to_s.strip.then { |first| first.empty? ? row["givenname"] : first }, row["familyname"] ].map { |part| part.to_s.strip }.reject(&:empty?).join(" ")
        Person.new(name[0, Names::LONGEST], row["sourcedid"].to_s[0, 200]) unless name.empty? || row["sourcedid"].to_s.empty?
      end

      # { class => [user, ...] }
      def enrolled = @enrolled ||= rows("enrollments.csv").select { |row| row["role"].to_s.casecmp?("student") }.group_by { |row| row["classsourcedid"] }.transform_values { |all| all.map { |row| row["usersourcedid"] } }

      def rows(name) = @tables[name].reject { |row| row["status"].to_s.casecmp?(GONE) }

      def table(name, text)
        text = text.dup.force_encoding("UTF-8")
        text = text.force_encoding("Windows-1252").encode("UTF-8", invalid: :replace, undef: :replace) unless text.valid_encoding?
        rows = CSV.parse(text.delete_prefix("\ufeff"), headers: true, header_converters: ->(head) { head.to_s.strip.downcase }, liberal_parsing: true).map(&:to_h)
        raise Invalid, "#{name} has more than #{MOST_ROWS} lines." if rows.size > MOST_ROWS
        rows
      rescue CSV::MalformedCSVError
        raise Invalid, "#{name} is not a table of comma-separated values."
      end
    end
  end
end
