require "tmpdir"

module Fidelity
  # LibreOffice, from Debian, which is fetched where it is missing: it makes files of other kinds, and draws slides to be
  # compared with.
  module Office
    WHOLE = 'pdf:impress_pdf_Export:{"ExportHiddenSlides":{"type":"boolean","value":"true"}}'.freeze # slides that are not shown, too
    PACKAGES = %w[libreoffice-impress libreoffice-draw].freeze

    module_function

    def here? = system("which", "soffice", out: File::NULL)

    # Whether it is there, or could be fetched.
    def fetch
      return true if here?
      warn "Fetching #{PACKAGES.join(' and ')} from Debian, once"
      system({ "DEBIAN_FRONTEND" => "noninteractive" }, "apt-get", "install", "-y", "-qq", "--no-install-recommends", *PACKAGES, out: File::NULL, err: File::NULL) && here?
    end

    # Writes the file in another kind ("pdf") into a folder; as: its name there without ending; how: by which filter of LibreOffice.
    # nil where it cannot.
    def convert(file, ending, folder, as: File.basename(file, ".*"), how: ending)
      Dir.mktmpdir do |there|
        system("timeout", "120", "soffice", "-env:UserInstallation=file://#{profile}", "--headless", "--convert-to", how, "--outdir", there, file, out: File::NULL, err: File::NULL)
        made = Dir[File.join(there, "*.#{ending}")].first or return
        File.join(folder, "#{as}.#{ending}").tap { |to| FileUtils.mv(made, to) }
      end
    end

    def profile = @profile ||= Dir.mktmpdir("usher-office")
  end
end
