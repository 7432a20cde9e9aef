require "core_test"
require "tempfile"

class FilmTest < CoreTest
  Film = Usher::Formats::Film

  def setup = @path = Tempfile.create([ "film", ".webm" ]).tap { |file| make(file.path) }.path
  def teardown = File.delete(@path)

  def test_says_what_a_film_is
    facts = Film.probe(@path)
    assert_in_delta 2, facts.seconds, 0.15
    assert_equal [ 160, 90, true, true ], [ facts.width, facts.height, facts.plays, facts.video? ]
    refute facts.heavy?
    Film.check_end(@path, facts)
  end

  def test_a_still_is_a_picture_of_the_same_size
    assert_equal [ 160, 90 ], Usher::Formats::Raster.size(Film.still(@path, at: 1))
  end

  def test_a_still_is_what_is_on_show_at_that_moment_even_where_pictures_come_slowly
    make(@path, rate: 2)
    stills = [ 0, 0.45, 1.5, 1.9, 2, 9 ].map { |at| Film.still(@path, at: at) }
    assert_equal 2, stills.uniq.size
    assert_equal [ stills.first ] * 2 + [ stills.last ] * 4, stills
  end

  def test_a_film_whose_pictures_begin_late_or_end_early_has_stills_all_the_same
    system("ffmpeg", "-v", "error", "-y", "-f", "lavfi", "-i", "sine=440:duration=2", "-itsoffset", "0.4", "-f", "lavfi", "-i", "testsrc=size=160x90:rate=10:duration=1", "-c:v", "libvpx", "-c:a", "libopus", @path, exception: true)
    [ 0, 0.2, 2 ].each { |at| assert_equal [ 160, 90 ], Usher::Formats::Raster.size(Film.still(@path, at: at)), at }
  end

  def test_a_copy_plays_everywhere_and_says_how_far_it_is
    shares = []
    Tempfile.create([ "copy", ".mp4" ]) do |copy|
      Film.copy(@path, to: copy.path, facts: Film.probe(@path)) { |share| shares << share }
      assert_equal [ 160, 90, true ], Film.probe(copy.path).to_h.values_at(:width, :height, :plays)
    end
    assert_operator shares.max, :>, 0.5
    assert(shares.all? { |share| share.between?(0, 1) })
  end

  def test_a_film_that_is_cut_off_is_not_taken
    bytes = File.binread(@path)
    Tempfile.create([ "cut", ".webm" ]) do |cut|
      cut.binmode
      cut.write(bytes[0, bytes.bytesize / 2])
      cut.flush
      assert_invalid(/cut off/) { Film.check_end(cut.path, Film.probe(@path)) }
    end
  end

  # As browsers record: written to a pipe, so without a length.
  def test_what_was_recorded_live_gets_its_length
    live = Usher::Formats::Tool.run("ffmpeg", "-v", "error", "-i", @path, "-vn", "-c", "copy", "-live", "1", "-f", "webm", "pipe:1")
    Tempfile.create("live") do |file|
      file.binmode
      file.write(live)
      file.flush
      endless = assert_raises(Film::Endless) { Film.probe(file.path) }
      Tempfile.create("mended") do |mended|
        Film.mend(file.path, endless.format, to: mended.path)
        assert_in_delta 2, Film.probe(mended.path).seconds, 0.15
      end
    end
  end

  # Pictures of a film alone, as some cameras keep them.
  def test_pictures_without_times_are_written_anew
    Dir.mktmpdir do |folder|
      timeless, whole = File.join(folder, "tide.swf"), File.join(folder, "whole")
      Usher::Formats::Tool.run("ffmpeg", "-v", "error", "-f", "lavfi", "-i", "testsrc=duration=2:size=320x240:rate=12", timeless)
      endless = assert_raises(Film::Endless) { Film.probe(timeless) }
      Film.mend(timeless, endless.format, to: whole)
      facts = Film.probe(whole)
      assert_equal [ 2.0, 320, 240, true ], [ facts.seconds.round(1), facts.width, facts.height, facts.plays ]
      Film.check_end(whole, facts)
      refute Film.known?(timeless.tap { |path| File.binwrite(path, "FWS\x06\x10\0\0\0") }), "nothing but what is drawn"
    end
  end

  def test_a_bare_stream_gets_times_so_that_it_can_be_sought
    Dir.mktmpdir do |folder|
      bare, whole = File.join(folder, "tide.h264"), File.join(folder, "whole")
      Usher::Formats::Tool.run("ffmpeg", "-v", "error", "-f", "lavfi", "-i", "testsrc=duration=2:size=320x240:rate=25", "-c:v", "libx264", "-f", "h264", bare)
      assert Film.known?(bare)
      endless = assert_raises(Film::Endless) { Film.probe(bare) }
      Film.mend(bare, endless.format, to: whole)
      facts = Film.probe(whole)
      assert_in_delta 2, facts.seconds, 0.15
      assert_nil Film.check_end(whole, facts)
      assert_equal [ 320, 240 ], Usher::Formats::Raster.size(Film.still(whole, at: 1.5))
    end
  end

  # A playlist names other files: it is not opened, whatever it is called.
  def test_files_that_name_others_are_not_opened
    [ "#EXTM3U\n#EXTINF:1,\n/etc/hostname\n", "ffconcat version 1.0\nfile '/etc/hostname'\n" ].each do |text|
      Tempfile.create([ "list", ".mp4" ]) do |list|
        list.write(text)
        list.flush
        assert_invalid(/broken/) { Film.probe(list.path) }
      end
    end
  end

  def test_a_program_that_takes_too_long_is_ended
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    assert_raises(Usher::Formats::Tool::Failed) { Usher::Formats::Tool.run("sleep", 20, seconds: 0.2) }
    assert_operator Process.clock_gettime(Process::CLOCK_MONOTONIC) - began, :<, 5
  end

  def test_what_is_waited_for_is_not_put_behind_everything_else
    assert_equal [ 10, 0 ], [ false, true ].map { |soon| Usher::Formats::Tool.run("nice", soon: soon).to_i - Process.getpriority(Process::PRIO_PROCESS, 0) }
  end

  # What cameras, discs and studios write; each by its own container.
  def test_kinds_that_browsers_do_not_play_are_known_and_copied
    { "ts" => %w[-c:v mpeg2video -c:a ac3 -mpegts_m2ts_mode 1 -f mpegts], "mxf" => %w[-c:v mpeg2video -c:a pcm_s16le], "dv" => %w[-target pal-dv], "tta" => %w[-vn] }.each do |ending, options|
      made(ending, *options) do |path|
        assert Film.known?(path), ending
        facts = Film.probe(path)
        assert_in_delta 1, facts.seconds, 0.2, ending
        refute facts.plays, ending
        Film.check_end(path, facts)
        Tempfile.create([ "copy", ".mp4" ]) { |copy| Film.copy(path, to: copy.path, facts: facts) { nil } && assert_equal([ true, facts.video? ], Film.probe(copy.path).then { |made| [ made.plays, made.video? ] }, ending) }
      end
    end
  end

  def test_a_film_in_the_wrong_container_is_copied_as_it_is
    made("mkv", *%w[-c:v libx264 -pix_fmt yuv420p -c:a aac]) { |path| assert_equal %w[video audio], Film.probe(path).kept }
    made("mov", *%w[-c:v libx264 -pix_fmt yuv420p -c:a aac]) { |path| assert_equal [ false, %w[video audio] ], Film.probe(path).to_h.values_at(:plays, :kept) }
    made("mp4", *%w[-c:v libx264 -pix_fmt yuv444p -c:a aac]) { |path| assert_equal [ false, %w[audio] ], Film.probe(path).to_h.values_at(:plays, :kept) }
    made("mkv", *%w[-c:v libvpx -c:a libopus]) { |path| assert_equal [ false, [] ], Film.probe(path).to_h.values_at(:plays, :kept) }
  end

  def test_dots_that_are_broader_than_high
    made("mp4", *%w[-vf setsar=16/11 -c:v libx264 -pix_fmt yuv420p -an]) do |path|
      assert_equal [ 233, 90 ], Film.probe(path).to_h.values_at(:width, :height)
      assert_in_delta 233, Usher::Formats::Raster.size(Film.still(path, at: 0.5))[0], 2
    end
  end

  def test_a_sound_that_does_not_say_how_long_it_is_is_as_long_as_it_plays
    made("mp3", *%w[-vn -write_xing 0 -q:a 1]) { |path| assert_in_delta 1, Film.probe(path).seconds, 0.1 }
  end

  def test_what_is_no_film_is_not_taken_for_one
    { "x.txt" => "Ebb and flow. " * 500, "x.bin" => Random.new(3).bytes(50_000), "x.m3u8" => "#EXTM3U\n#EXTINF:1,\n/etc/passwd\n", "x.ffconcat" => "ffconcat version 1.0\nfile /etc/passwd\n" }.each do |name, bytes|
      Tempfile.create(name) do |file|
        file.binmode
        file.write(bytes)
        file.flush
        refute Film.known?(file.path), name
      end
    end
  end

  def made(ending, *options)
    Tempfile.create([ "made", ".#{ending}" ]) do |file|
      system("ffmpeg", "-v", "error", "-y", "-f", "lavfi", "-i", "testsrc=size=160x90:rate=25:duration=1", "-f", "lavfi", "-i", "sine=440:duration=1:sample_rate=48000", *options, file.path, exception: true)
      yield file.path
    end
  end

  private

  def make(path, rate: 10)
    system("ffmpeg", "-v", "error", "-y", "-f", "lavfi", "-i", "testsrc=size=160x90:rate=#{rate}:duration=2", "-f", "lavfi", "-i", "sine=440:duration=2", "-c:v", "libvpx", "-b:v", "300k", "-c:a", "libopus", path, exception: true)
  end
end
