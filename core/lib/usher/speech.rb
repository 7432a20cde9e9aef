module Usher
  # Text spoken by espeak-ng.
  module Speech
    MAX = 3_000 # characters at once
    SPEEDS = (80..260).freeze # words a minute
    LANGUAGES = { "en-gb" => "English", "de" => "German", "fr" => "French", "es" => "Spanish", "it" => "Italian", "pl" => "Polish", "sv" => "Swedish", "el" => "Greek",
      "ru" => "Russian", "uk" => "Ukrainian", "tr" => "Turkish", "he" => "Hebrew", "ar" => "Arabic", "cy" => "Welsh", "nl" => "Dutch", "pt" => "Portuguese" }.freeze
    LANGUAGE = Types::Choice.new(*LANGUAGES.keys)
    SPEED = Types::Number.new(SPEEDS, digits: 0)

    module_function

    # The sound as an MP4 with AAC inside, as bytes; raises Invalid when there is nothing to say.
    def speak(text, language:, speed: 150)
      words = Types::Line.new(MAX, blank: false).call(text.to_s[0, MAX])
      Formats::Film.squeeze(Formats::Tool.run("espeak-ng", "--stdin", "--stdout", "-v", LANGUAGE.call(language), "-s", SPEED.call(speed), input: words, soon: true))
    rescue Formats::Tool::Failed
      raise Invalid, "That text could not be spoken."
    end
  end
end
