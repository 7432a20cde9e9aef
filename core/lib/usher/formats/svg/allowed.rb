module Usher
  module Formats
    module Svg
      # What of SVG (1.1, and what of 2 renderers share) stays in a drawing from outside. Nothing of it runs, moves or fetches.
      module Allowed
        SHAPES = %w[svg g path rect circle ellipse line polyline polygon text tspan textPath defs title desc image
                    linearGradient radialGradient stop pattern clipPath mask marker use symbol].freeze
        FILTERS = %w[filter feBlend feColorMatrix feComponentTransfer feFuncR feFuncG feFuncB feFuncA feComposite feConvolveMatrix
                     feDiffuseLighting feDisplacementMap feDistantLight feDropShadow feFlood feGaussianBlur feImage feMerge feMergeNode
                     feMorphology feOffset fePointLight feSpecularLighting feSpotLight feTile feTurbulence].freeze
        ELEMENTS = (SHAPES + FILTERS).to_set.freeze

        # What a style may say as well as an attribute.
        PROPERTIES = %w[alignment-baseline baseline-shift clip-path clip-rule color color-interpolation color-interpolation-filters
                        direction display dominant-baseline fill fill-opacity fill-rule filter flood-color flood-opacity font-family
                        font-size font-stretch font-style font-variant font-weight image-rendering letter-spacing lighting-color
                        marker-end marker-mid marker-start mask mask-type mix-blend-mode opacity overflow paint-order shape-rendering stop-color
                        stop-opacity stroke stroke-dasharray stroke-dashoffset stroke-linecap stroke-linejoin stroke-miterlimit
                        stroke-opacity stroke-width text-anchor text-decoration text-rendering unicode-bidi vector-effect visibility
                        word-spacing writing-mode].to_set.freeze
        OWN = %w[id d x y x1 y1 x2 y2 cx cy r rx ry fx fy fr width height points transform viewBox href preserveAspectRatio dx dy rotate
                 textLength lengthAdjust startOffset method spacing side pathLength offset gradientUnits gradientTransform spreadMethod
                 clipPathUnits maskUnits maskContentUnits patternUnits patternContentUnits patternTransform markerWidth markerHeight
                 markerUnits orient refX refY].freeze
        OF_FILTERS = %w[filterUnits primitiveUnits in in2 result stdDeviation mode operator k1 k2 k3 k4 values type tableValues slope
                        intercept amplitude exponent order kernelMatrix divisor bias targetX targetY edgeMode kernelUnitLength
                        preserveAlpha surfaceScale diffuseConstant specularConstant specularExponent azimuth elevation z pointsAtX
                        pointsAtY pointsAtZ limitingConeAngle radius scale xChannelSelector yChannelSelector baseFrequency
                        numOctaves seed stitchTiles].freeze
        ATTRIBUTES = (PROPERTIES.to_a + OWN + OF_FILTERS).to_set.freeze

        # How a part mixes with what lies behind it (Compositing and Blending Level 1, 3.4.1), which is a style and never an attribute.
        BLENDS = %w[multiply screen overlay darken lighten color-dodge color-burn hard-light soft-light difference exclusion hue saturation
                    color luminosity].freeze
        BLEND = "mix-blend-mode"

        # What takes a browser long, the more the larger it is.
        MOST = { "numOctaves" => 8, "order" => 15, "radius" => 200, "stdDeviation" => 2_000 }.freeze
        OUTWARD = /url\((?!\s*['"]?#)|javascript:|expression\(/i

        # Whether an attribute of this name may have this value. Addresses may only point into the file itself.
        def self.value?(name, value)
          return false unless ATTRIBUTES.include?(name)
          return value.split(/[\s,]+/).all? { |number| number.to_f.abs <= MOST[name] } if MOST.key?(name)
          return BLENDS.include?(value) if name == BLEND
          name == "href" ? value.strip.start_with?("#") : !value.match?(OUTWARD)
        end
      end
    end
  end
end
