require "test_helper"

# What lies under a cover is not sent to devices, in the dots of pictures too.
class CoveredPicturesTest < ActionDispatch::IntegrationTest
  RED = [ 255, 0, 0 ].freeze
  BLANK = [ 255, 255, 255 ].freeze

  setup do
    @owner = teacher
    @lesson = lesson(@owner)
    @page = @lesson.pages.first
    @picture = picture_of(@owner, %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 20"><rect width="40" height="20" fill="#ff0000"/></svg>))
    @seat = seat(sit(@lesson))
  end

  test "a device gets a picture without what is covered, and the whole of it once the cover is off" do
    lay(@page, boat, lid)
    take_seat
    assert_equal [ RED, BLANK ], dots(drawn)
    get picture_path(@picture)
    assert_response :not_found
    lift
    assert_equal "/pictures/#{@picture.id}", drawn
    get picture_path(@picture)
    assert_response :success
    assert_includes response.body, "ff0000"
  end

  test "an address with less blank than there is opens nothing, nor does nonsense" do
    lay(@page, boat, lid)
    take_seat
    [ "0,0,0.1,0,0.1,0.1,0,0.1", drawn.split("/").last.sub("0.5", "0.6"), "1,2,3", ";;", "1" * 4_000 ].each do |parts|
      get "/pictures/#{@picture.id}/under/#{parts}"
      assert_response :not_found
    end
    sign_in(@owner)
    get picture_path(@picture)
    assert_response :success
    get "/pictures/#{@picture.id}/under/1,2,3"
    assert_response :not_found
  end

  test "one picture that is covered here and open there is open" do
    lay(@page, boat, lid, boat("other", y: 600))
    take_seat
    get picture_path(@picture)
    assert_response :success
  end

  test "a paper leaves out what is covered, and devices hear of it when the cover moves, comes off or goes" do
    @page.perform({ "verb" => "restyle", "set" => { "paper" => "picture", "measures" => { "picture" => @picture.id, "fit" => "whole" } } }, id: fresh, by: @owner)
    lay(@page, lid(x: 800, y: 0, width: 800, height: 900))
    take_seat
    assert_equal [ RED, BLANK ], dots(drawn)
    get picture_path(@picture)
    assert_response :not_found
    steps = [ { "verb" => "move", "ids" => [ "lid" ], "by" => [ 100, 0 ] }, { "verb" => "change", "changes" => [ { "id" => "lid", "set" => { "off" => true } } ] }, { "verb" => "remove", "ids" => [ "lid" ] } ]
    grounds = steps.map { |step| @page.perform(step, id: fresh, by: @owner).for(Viewer.device(@seat.sitting))[:ground] }
    assert_equal [ true, false, false ], grounds.map { |ground| ground.include?("/under/") }
    assert_nil lay(@page, note).for(Viewer.device(@seat.sitting))[:ground]
    assert_nil lay(@page, lid).for(Viewer.preparing(@lesson))[:ground], "the board has the whole paper at all times"
  end

  test "what readers print has the picture without what is covered" do
    lay(@page, boat, lid)
    whole = '<rect width="40" height="20" fill="#ff0000"/>'
    assert_not_includes LessonPrint.new(@lesson).send(:documents).first, whole
    lift
    assert_includes LessonPrint.new(@lesson).send(:documents).first, whole
  end

  test "a photo stays a photo" do
    photo = @owner.pictures.take_in(upload((Vips::Image.black(80, 40, bands: 3) + [ 255, 0, 0 ]).cast(:uchar).copy(interpretation: :srgb).jpegsave_buffer, "boat.jpg"))
    lay(@page, boat.merge("picture" => photo.id), lid)
    take_seat
    get drawn
    assert_equal "image/jpeg", response.media_type
    assert_equal [ RED, BLANK ], colours(response.body)
  end

  private

  def boat(id = "boat", **more) = { "kind" => "picture", "id" => id, "x" => 100, "y" => 100, "width" => 400, "height" => 200, "picture" => @picture.id }.merge(more.transform_keys(&:to_s))
  def lid(**more) = { "kind" => "cover", "id" => "lid", "x" => 300, "y" => 100, "width" => 200, "height" => 200 }.merge(more.transform_keys(&:to_s))
  def lift = @page.perform({ "verb" => "change", "changes" => [ { "id" => "lid", "set" => { "off" => true } } ] }, id: fresh, by: @owner)

  def take_seat
    post seat_path, params: { code: @seat.sitting.code, name: "Juniper" }
  end

  # The address of the picture that the device's page names.
  def drawn
    get seat_page_path
    response.body[%r{href="(/pictures/[^"]*)"}, 1]
  end

  def dots(address)
    get address
    assert_response :success
    assert_equal "image/png", response.media_type
    colours(response.body)
  end

  # The colours, coarsely, in the middle of its left and of its right half.
  def colours(bytes)
    image = Vips::Image.new_from_buffer(bytes, "")
    [ 0.25, 0.75 ].map { |share| image.getpoint((image.width * share).floor, image.height / 2).first(3).map { |n| n.round < 128 ? 0 : 255 } }
  end
end
