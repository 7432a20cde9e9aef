# For documents in which framed pages live: the teacher's allowed hosts, and no others, may be framed.
module FramesHosts
  extend ActiveSupport::Concern

  class_methods do
    # The block answers with the teacher whose hosts they are.
    def frames_hosts_of(**options, &whose)
      content_security_policy(**options) do |policy|
        hosts = instance_exec(&whose)&.hosts.to_a
        policy.frame_src :self, *hosts.map { |host| "https://#{host}" }
      end
    end
  end
end
