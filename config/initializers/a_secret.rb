# A school that sets no SECRET_KEY_BASE gets its own, made once and kept beside its data.
if Rails.env.production? && ENV["SECRET_KEY_BASE"].blank? && ENV["SECRET_KEY_BASE_DUMMY"].blank?
  file = File.join(ENV.fetch("USHER_DATA", Rails.root.join("storage").to_s), "secret_key")
  unless File.exist?(file)
    FileUtils.mkdir_p(File.dirname(file))
    File.open(file, File::WRONLY | File::CREAT | File::EXCL, 0o600) { |out| out.write(SecureRandom.hex(64)) }
  end
  Rails.application.config.secret_key_base = File.read(file)
end
