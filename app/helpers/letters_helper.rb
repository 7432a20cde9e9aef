module LettersHelper
  # A letter's text with its addresses as links.
  def auto_link_letter(text)
    parts = text.split(%r{(https?://\S+)})
    simple_format(safe_join(parts.each_slice(2).flat_map { |words, address| [ words, (link_to(address, address) if address) ].compact }))
  end
end
