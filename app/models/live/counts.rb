# Counts and states of the moment: who is in, how many wrong codes came from where. They live apart from Rails.cache,
# whose pictures and PDFs would push them out.
module Live::Counts
  SIZE = 32.megabytes

  def self.store
    @store ||= ENV["REDIS_URL"] ? ActiveSupport::Cache::RedisCacheStore.new(url: ENV["REDIS_URL"], namespace: "counts") : ActiveSupport::Cache::MemoryStore.new(size: SIZE)
  end
end
