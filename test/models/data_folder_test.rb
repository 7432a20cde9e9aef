require "test_helper"
require Rails.root.join("lib/data_folder").to_s
require "open3"

class DataFolderTest < ActiveSupport::TestCase
  test "it is made, for one account and one server" do
    Dir.mktmpdir do |place|
      folder = File.join(place, "new", "school")
      held = DataFolder.claim(folder)
      assert_equal 0o700, File.stat(folder).mode & 0o777
      assert_equal [ "Usher is running on #{folder} already. Stop that one first, or set USHER_DATA to another folder.\n", false ], asked(folder)
      held.close
      assert_equal [ "", true ], asked(folder)
    end
  end

  test "where it cannot be written to, that is said" do
    Dir.mktmpdir do |place|
      File.write(File.join(place, "file"), "")
      said, well = asked(File.join(place, "file", "school"))
      assert_match(/\AUsher cannot write to its data folder .*file\/school.*USHER_DATA/m, said)
      refute well
    end
  end

  private

  # What bin/usher hears.
  def asked(folder)
    said, status = Open3.capture2e("ruby", "-r#{Rails.root.join('lib/data_folder')}", "-e", "DataFolder.check(ARGV[0])", folder)
    [ said, status.success? ]
  end
end
