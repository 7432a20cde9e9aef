# A hand that draws shapes, letters and scribbles the way hands do: it shakes and drifts, its sides
# bow, its corners are rounded, it leaves ends open or overshoots, tilts what it draws, lifts the pen
# between sides, and draws very small and very large. Everything follows from the seed.
class Hand
  SHAPES = %w[line arrow circle ellipse triangle square rectangle diamond pentagon hexagon star].freeze
  # O, 0, l, I and 1 are left out: as strokes they are an ellipse and straight lines.
  LETTERS = {
    "A" => [ [ [ 0, 10 ], [ 3.5, 0 ], [ 7, 10 ] ], [ [ 1.3, 6.5 ], [ 5.8, 6.5 ] ] ], "B" => [ [ [ 0, 0 ], [ 0, 10 ] ], [ [ 0, 0 ], [ 4, 0.3 ], [ 5.2, 2.4 ], [ 4, 4.6 ], [ 0, 5 ], [ 4.6, 5.3 ], [ 6, 7.5 ], [ 4.6, 9.8 ], [ 0, 10 ] ] ],
    "C" => [ [ [ 6.5, 1.5 ], [ 4, 0 ], [ 1.2, 1.4 ], [ 0, 5 ], [ 1.2, 8.6 ], [ 4, 10 ], [ 6.5, 8.5 ] ] ], "D" => [ [ [ 0, 0 ], [ 0, 10 ] ], [ [ 0, 0 ], [ 3.5, 0.4 ], [ 6, 3 ], [ 6, 7 ], [ 3.5, 9.6 ], [ 0, 10 ] ] ],
    "E" => [ [ [ 6, 0 ], [ 0, 0 ], [ 0, 10 ], [ 6, 10 ] ], [ [ 0, 5 ], [ 4.5, 5 ] ] ], "F" => [ [ [ 6, 0 ], [ 0, 0 ], [ 0, 10 ] ], [ [ 0, 5 ], [ 4.5, 5 ] ] ],
    "G" => [ [ [ 6.5, 1.5 ], [ 4, 0 ], [ 1.2, 1.4 ], [ 0, 5 ], [ 1.2, 8.6 ], [ 4, 10 ], [ 6.5, 8.5 ], [ 6.5, 5.5 ], [ 4, 5.5 ] ] ], "H" => [ [ [ 0, 0 ], [ 0, 10 ] ], [ [ 6, 0 ], [ 6, 10 ] ], [ [ 0, 5 ], [ 6, 5 ] ] ],
    "J" => [ [ [ 5, 0 ], [ 5, 7.5 ], [ 4, 9.6 ], [ 2, 10 ], [ 0, 8 ] ] ], "K" => [ [ [ 0, 0 ], [ 0, 10 ] ], [ [ 6, 0 ], [ 0, 5.4 ], [ 6, 10 ] ] ], "L" => [ [ [ 0, 0 ], [ 0, 10 ], [ 6, 10 ] ] ],
    "M" => [ [ [ 0, 10 ], [ 0.6, 0 ], [ 4, 7 ], [ 7.4, 0 ], [ 8, 10 ] ] ], "N" => [ [ [ 0, 10 ], [ 0, 0 ], [ 6.5, 10 ], [ 6.5, 0 ] ] ], "P" => [ [ [ 0, 10 ], [ 0, 0 ], [ 4, 0.2 ], [ 5.6, 2.6 ], [ 4, 5 ], [ 0, 5.2 ] ] ],
    "Q" => [ [ [ 4, 0 ], [ 1.2, 1.4 ], [ 0, 5 ], [ 1.2, 8.6 ], [ 4, 10 ], [ 6.8, 8.6 ], [ 8, 5 ], [ 6.8, 1.4 ], [ 4, 0 ] ], [ [ 5, 7 ], [ 8.4, 10.6 ] ] ], "R" => [ [ [ 0, 10 ], [ 0, 0 ], [ 4, 0.2 ], [ 5.6, 2.6 ], [ 4, 5 ], [ 0, 5.2 ], [ 6, 10 ] ] ],
    "S" => [ [ [ 5.6, 1.4 ], [ 3.4, 0 ], [ 0.8, 1 ], [ 0.6, 3.4 ], [ 3.2, 5 ], [ 5.8, 6.6 ], [ 5.6, 9 ], [ 3, 10 ], [ 0, 8.6 ] ] ], "T" => [ [ [ 0, 0 ], [ 7, 0 ] ], [ [ 3.5, 0 ], [ 3.5, 10 ] ] ], "U" => [ [ [ 0, 0 ], [ 0.2, 7 ], [ 3, 10 ], [ 5.8, 7 ], [ 6, 0 ] ] ],
    "V" => [ [ [ 0, 0 ], [ 3.5, 10 ], [ 7, 0 ] ] ], "W" => [ [ [ 0, 0 ], [ 2.4, 10 ], [ 5, 2.6 ], [ 7.6, 10 ], [ 10, 0 ] ] ], "X" => [ [ [ 0, 0 ], [ 6.5, 10 ] ], [ [ 6.5, 0 ], [ 0, 10 ] ] ], "Y" => [ [ [ 0, 0 ], [ 3.4, 4.8 ] ], [ [ 7, 0 ], [ 3.4, 4.8 ], [ 3.4, 10 ] ] ],
    "Z" => [ [ [ 0, 0 ], [ 6.5, 0 ], [ 0, 10 ], [ 6.5, 10 ] ] ], "a" => [ [ [ 5.4, 3.6 ], [ 2.6, 3 ], [ 0.4, 5 ], [ 0.4, 8 ], [ 2.4, 10 ], [ 5, 8.6 ], [ 5.6, 3.4 ], [ 5.6, 8.8 ], [ 6.6, 10 ] ] ],
    "b" => [ [ [ 0, 0 ], [ 0, 10 ], [ 0.2, 6 ], [ 2.6, 4 ], [ 5.4, 6 ], [ 5, 9 ], [ 2.6, 10 ], [ 0, 9 ] ] ], "e" => [ [ [ 0.4, 6.6 ], [ 5.6, 6.4 ], [ 5, 4 ], [ 2.8, 3 ], [ 0.4, 5 ], [ 0.4, 8.4 ], [ 2.8, 10 ], [ 5.6, 9 ] ] ],
    "g" => [ [ [ 5.6, 3.6 ], [ 2.6, 3 ], [ 0.4, 5.4 ], [ 1, 8 ], [ 3.4, 8.6 ], [ 5.6, 6 ], [ 5.6, 3.4 ], [ 5.6, 11 ], [ 3, 13.4 ], [ 0.4, 12 ] ] ], "h" => [ [ [ 0, 0 ], [ 0, 10 ], [ 0.2, 6 ], [ 2.6, 4 ], [ 5, 5.4 ], [ 5.2, 10 ] ] ],
    "k" => [ [ [ 0, 0 ], [ 0, 10 ] ], [ [ 4.6, 4 ], [ 0, 7 ], [ 5, 10 ] ] ], "m" => [ [ [ 0, 4 ], [ 0, 10 ], [ 0.4, 5.4 ], [ 2.4, 4 ], [ 3.8, 5.6 ], [ 3.8, 10 ], [ 4.2, 5.4 ], [ 6.2, 4 ], [ 7.6, 5.6 ], [ 7.6, 10 ] ] ], "n" => [ [ [ 0, 4 ], [ 0, 10 ], [ 0.4, 5.6 ], [ 2.6, 4 ], [ 4.8, 5.6 ], [ 5, 10 ] ] ],
    "r" => [ [ [ 0, 4 ], [ 0, 10 ], [ 0.2, 6 ], [ 2, 4.2 ], [ 4, 4.4 ] ] ], "t" => [ [ [ 2, 0 ], [ 2, 8.6 ], [ 3.4, 10 ], [ 5, 9.4 ] ], [ [ 0, 3.4 ], [ 4.8, 3.4 ] ] ], "y" => [ [ [ 0, 3 ], [ 3, 9 ] ], [ [ 6, 3 ], [ 1.6, 13 ] ] ],
    "2" => [ [ [ 0.4, 2.2 ], [ 1.6, 0.4 ], [ 4, 0 ], [ 5.6, 1.8 ], [ 5, 4.4 ], [ 0, 10 ], [ 6, 10 ] ] ], "3" => [ [ [ 0.4, 1 ], [ 3, 0 ], [ 5.4, 1.8 ], [ 4.4, 4.2 ], [ 2.2, 4.8 ], [ 4.8, 5.4 ], [ 6, 7.6 ], [ 3.6, 10 ], [ 0, 9 ] ] ],
    "4" => [ [ [ 4.4, 0 ], [ 0, 7 ], [ 6.6, 7 ] ], [ [ 4.4, 3.6 ], [ 4.4, 10 ] ] ], "5" => [ [ [ 5.6, 0 ], [ 0.8, 0 ], [ 0.4, 4.4 ], [ 3.4, 3.8 ], [ 6, 6.4 ], [ 4.4, 9.6 ], [ 0, 9.6 ] ] ], "6" => [ [ [ 5, 0 ], [ 1.6, 3 ], [ 0, 7 ], [ 1.6, 9.8 ], [ 4.6, 9.6 ], [ 5.8, 7 ], [ 4, 4.8 ], [ 0.6, 6 ] ] ],
    "7" => [ [ [ 0, 0 ], [ 6, 0 ], [ 2, 10 ] ] ], "8" => [ [ [ 5, 1.4 ], [ 2.8, 0 ], [ 0.6, 1.6 ], [ 1.4, 4 ], [ 4.8, 6 ], [ 5.4, 8.4 ], [ 3, 10 ], [ 0.4, 8.4 ], [ 1.2, 6 ], [ 4.6, 3.8 ], [ 5, 1.4 ] ] ], "9" => [ [ [ 5.2, 2.4 ], [ 3, 0 ], [ 0.6, 1.6 ], [ 0.8, 4.4 ], [ 3.4, 5.4 ], [ 5.4, 2.4 ], [ 5, 7 ], [ 3.4, 10 ] ] ]
  }.freeze
  ROUND = "BCDGJPQRSUabeghmnrt2356890".freeze # letters whose ways are curves

  def initialize(seed) = @random = Random.new(seed)

  # The strokes of one drawing of a shape: [[[x, y, nil, ms], ...], ...] in page units.
  def shape(name) = place(send(name))

  def letter(name = LETTERS.keys.sample(random: @random))
    place(LETTERS.fetch(name).map { |way| ROUND.include?(name) ? bent(way) : way }, size: 30.0..220.0, tilt: between(-9, 9))
  end

  # Loops, zigzags, coils, wandering lines and hatching.
  def scribble
    place(send(%i[wander zigzag coil loops hatch].sample(random: @random)), tilt: between(0, 360))
  end

  private

  def between(from, to) = from + @random.rand * (to - from)
  def chance?(share) = @random.rand < share
  def normal(spread) = Math.sqrt(-2 * Math.log(1 - @random.rand)) * Math.cos(2 * Math::PI * @random.rand) * spread

  def line = [ [ [ 0, 0 ], [ 10, 0 ] ] ]

  def arrow
    head, open = between(1.4, 3), between(22, 46) * Math::PI / 180
    up, down = [ 10 - head * Math.cos(open), -head * Math.sin(open) ], [ 10 - head * Math.cos(open), head * Math.sin(open) ]
    tip, shaft = [ 10, 0 ], [ [ 0, 0 ], [ 10, 0 ] ]
    [ [ shaft, [ up, tip, down ] ], [ [ *shaft, up, tip, down ] ], [ shaft, [ tip, up ], [ tip, down ] ], [ shaft, [ up, tip ], [ down, tip ] ] ].sample(random: @random)
  end

  def circle = round(between(0.95, 1.05))
  def ellipse = round(between(0.35, 0.72))

  def round(flat)
    start, turn = between(0, 2 * Math::PI), chance?(0.5) ? 1 : -1
    missing = between(-0.07, 0.07)
    whole = (0..80).map { |step| angle = start + turn * 2 * Math::PI * (1 - missing) * step / 80; [ 5 * Math.cos(angle), 5 * flat * Math.sin(angle) ] }
    return [ whole ] if chance?(0.8)
    [ whole[0..42], chance?(0.5) ? whole[40..] : whole[40..].reverse ]
  end

  def triangle
    loop do
      corners = Array.new(3) { |index| angle = index * 2 * Math::PI / 3 + between(-0.6, 0.6); [ 5 * Math.cos(angle), 5 * Math.sin(angle) ] }
      return closed(corners) if (0..2).all? { |index| corner(corners[index - 2], corners[index - 1], corners[index]) > 30 }
    end
  end

  def square = closed(box(10, 10 * between(0.94, 1.06)))
  def rectangle = closed(box(10, 10 * between(0.25, 0.75)))
  def diamond = closed([ [ 5, 0 ], [ 0, 5 * between(0.45, 0.82) ], [ -5, 0 ] ].then { |right, top, left| [ right, top, left, [ 0, -top[1] ] ] })
  def pentagon = closed(regular(5))
  def hexagon = closed(regular(6))

  def star
    return closed([ 0, 2, 4, 1, 3 ].map { |index| regular(5)[index] }) if chance?(0.35)
    depth = between(0.36, 0.55)
    closed((0...10).map { |index| angle = index * Math::PI / 5; reach = index.even? ? 5 : 5 * depth; [ reach * Math.cos(angle), reach * Math.sin(angle) ] }, lift: 0.1)
  end

  def box(width, height) = [ [ 0, 0 ], [ width, 0 ], [ width, height ], [ 0, height ] ]
  def regular(count) = Array.new(count) { |index| angle = index * 2 * Math::PI / count; [ 5 * Math.cos(angle), 5 * Math.sin(angle) ] }

  def corner(a, b, c)
    u, v = [ a[0] - b[0], a[1] - b[1] ], [ c[0] - b[0], c[1] - b[1] ]
    Math.atan2((u[0] * v[1] - u[1] * v[0]).abs, u[0] * v[0] + u[1] * v[1]) * 180 / Math::PI
  end

  # A closed line through corners: in one go from any corner either way, or with the pen lifted
  # (lift: how often); corners a little off, ends open or overshot.
  def closed(corners, lift: 0.3)
    corners = corners.map { |x, y| [ x + normal(0.12), y + normal(0.12) ] }.rotate(@random.rand(corners.size))
    corners.reverse! if chance?(0.5)
    way = [ *corners, corners.first ]
    return [ stretch(way) ] unless chance?(lift)
    cuts = chance?(0.5) ? (1...corners.size).to_a : [ @random.rand(1...corners.size) ]
    [ 0, *cuts, corners.size ].each_cons(2).map { |from, to| stretch(way[from..to]) }.map { |stroke| chance?(0.25) ? stroke.reverse : stroke }
  end

  # The last side ends too early or too late.
  def stretch(way)
    (ax, ay), (bx, by) = way[-2], way[-1]
    long = Math.hypot(bx - ax, by - ay)
    more = [ between(-0.07, 0.07) * 10, -0.4 * long ].max / long
    [ *way[0...-1], [ bx + (bx - ax) * more, by + (by - ay) * more ] ]
  end

  def wander
    x = y = angle = 0.0
    [ Array.new(between(40, 120).to_i) { angle += normal(0.7); [ x += Math.cos(angle), y += Math.sin(angle) ] } ]
  end

  def zigzag = [ Array.new(@random.rand(7..16)) { |index| [ index * between(0.7, 1.2), index.even? ? between(0, 1) : between(4, 7) ] } ]
  def coil = [ (0..160).map { |step| angle = step * between(0.149, 0.151) ; reach = 0.6 + step * 0.03; [ reach * Math.cos(angle), reach * Math.sin(angle) ] } ]
  def loops = [ (0..150).map { |step| angle = step / 6.0; [ angle * 0.7 + 2 * Math.cos(angle), 2 * Math.sin(angle) ] } ]
  def hatch = Array.new(@random.rand(4..8)) { |index| [ [ index + normal(0.2), normal(0.3) ], [ index + 2 + normal(0.2), 5 + normal(0.4) ] ] }

  # A curve through places (Catmull-Rom).
  def bent(way)
    [ way.first, *way, way.last ].each_cons(4).flat_map do |a, b, c, d|
      (0...8).map do |step|
        t = step / 8.0
        [ 0, 1 ].map { |axis| 0.5 * (2 * b[axis] + (c[axis] - a[axis]) * t + (2 * a[axis] - 5 * b[axis] + 4 * c[axis] - d[axis]) * t * t + (3 * b[axis] - a[axis] - 3 * c[axis] + d[axis]) * t**3) }
      end
    end << way.last
  end

  # On the page: drawn by a shaking hand, turned, as large as it comes out, somewhere.
  def place(strokes, size: 26.0..1_000.0, tilt: between(0, 360))
    long = strokes.flatten(1).then { |points| Math.hypot(points.map(&:first).minmax.reduce(:-), points.map(&:last).minmax.reduce(:-)) }
    scale = Math.exp(between(Math.log(size.begin), Math.log(size.end))) / long
    turn, at = tilt * Math::PI / 180, [ between(100, 1_500), between(100, 800) ]
    ms = 0
    strokes.map do |way|
      shaken(way, long).map do |x, y|
        px, py = x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn)
        [ (at[0] + px * scale).round(2), (at[1] + py * scale).round(2), nil, ms += 8 ]
      end
    end
  end

  # Places along the way at uneven steps, with drift, bow, rounded corners and a fine tremor. long:
  # the size of the whole drawing, which tells how large all of that is.
  def shaken(way, long)
    shake = between(0.6, 2.2)
    drifts = Array.new(2) { Array.new(3) { |wave| [ normal(0.0045 * shake * long / (wave + 1)), between(0, 2 * Math::PI), (wave + 1) * between(0.7, 1.6) ] } }
    count = between(40, 110).to_i
    even = resample(rounded(way, long), count)
    even.each_with_index.map do |point, index|
      share = index.fdiv(count)
      point.zip(drifts).map { |value, waves| value + waves.sum { |size, phase, speed| size * Math.sin(phase + 2 * Math::PI * speed * share) } + normal(0.0016 * shake * long) }
    end
  end

  def rounded(way, long)
    fine = resample(way, 240)
    reach = (between(0, 0.02) * long / ([ length(fine), 1e-9 ].max / 240)).round
    return fine if reach.zero?
    fine.each_index.map { |index| near = fine[[ index - reach, 0 ].max..[ index + reach, 239 ].min]; index.between?(reach, 239 - reach) ? near.transpose.map { |values| values.sum / near.size } : fine[index] }
  end

  def length(points) = points.each_cons(2).sum { |(ax, ay), (bx, by)| Math.hypot(bx - ax, by - ay) }

  def resample(points, count)
    whole, way, index = length(points), 0.0, 0
    (0...count).map do |step|
      target = whole * step / (count - 1)
      while index < points.size - 2 && way + (piece = length(points[index, 2])) < target
        way += piece
        index += 1
      end
      a, b = points[index], points[index + 1]
      share = (target - way) / [ length([ a, b ]), 1e-9 ].max
      [ a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share ]
    end
  end
end
