# A drive in the cloud: the folders of db/outside/drive.
class Outside::SimulatedDrive
  Folder = Struct.new(:path, :folders, :files)
  Entry = Struct.new(:path, :name, :bytes)

  def simulated? = true

  # The folders and files in a folder ("" is the top).
  def list(folder)
    inside = root.join(known?(folder, &:directory?) ? folder : "")
    children = inside.children.sort
    Folder.new(folder, children.select(&:directory?).map { |path| name_of(path) }, children.select(&:file?).map { |path| entry(path) })
  end

  def search(words) = root.glob("**/*").select(&:file?).map { |path| entry(path) }.select { |file| words.downcase.scan(/[[:alnum:]]+/).all? { |word| file.path.downcase.include?(word) } }

  # [name, bytes], or nil.
  def fetch(path) = known?(path, &:file?) ? [ File.basename(path), root.join(path).binread ] : nil

  private

  def root = Outside::ROOT.join("drive")
  def name_of(path) = path.relative_path_from(root).to_s
  def entry(path) = Entry.new(name_of(path), path.basename.to_s, path.size)

  # Only what is listed can be asked for, so that no path leads out of the folder.
  def known?(path) = root.glob("**/*").any? { |one| name_of(one) == path && yield(one) }
end
