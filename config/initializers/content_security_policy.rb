# The same in every environment: nothing from elsewhere, no inline script or style without the nonce.
Rails.application.configure do
  config.content_security_policy do |policy|
    policy.default_src :none
    policy.script_src :self
    policy.style_src :self
    policy.img_src :self, :data, :blob
    policy.media_src :self, :blob
    policy.font_src :self
    policy.connect_src :self
    policy.manifest_src :self
    policy.frame_src :self
    policy.form_action :self
    policy.frame_ancestors :self
    policy.base_uri :none
  end
  config.content_security_policy_nonce_generator = ->(_request) { SecureRandom.base64(16) }
  config.content_security_policy_nonce_directives = %w[script-src]
end
