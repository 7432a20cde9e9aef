Gem::Specification.new do |spec|
  spec.name = "usher-core"
  spec.version = "0.1.0"
  spec.summary = "What decides, measures, checks and computes in Usher: plain Ruby, no interface code."
  spec.authors = [ "The Usher developers" ]
  spec.license = "MIT"
  spec.required_ruby_version = ">= 3.1"
  spec.files = Dir["lib/**/*.rb"]
  spec.add_dependency "crass", "~> 1.0"
  spec.add_dependency "loofah", "~> 2.22"
  spec.add_dependency "rubyzip", "~> 2.4"
  spec.add_dependency "ttfunk", "~> 1.8"
end
