# A teacher who signs in by the school's own accounts (SchoolLogin).
module Teacher::SchoolAccount
  extend ActiveSupport::Concern

  class_methods do
    # The teacher that this person is: known by the account, or by the address it confirms; or a new one, as the school lets
    # people in. nil where the school only takes those it invited. Raises ActiveRecord::RecordInvalid.
    def of_school(person)
      find_by(school_login: person.who) || find_by(email: person.address)&.tap { |known| known.join_school(person) } || come_from(person)
    rescue ActiveRecord::RecordNotUnique
      find_by!(school_login: person.who)
    end

    private

    def come_from(person)
      return if School.current.sign_up == "invitation" && Teacher.any?
      let_in_at = School.current.sign_up == "open" ? Time.current : nil
      create!(name: person.name, email: person.address, school_login: person.who, password: SecureRandom.base58(40), let_in_at: let_in_at).tap do |teacher|
        Entry.note("signed_up", who: teacher)
        Teacher.administrators.each { |one| AccountMailer.waiting(teacher, one).deliver_later } unless teacher.let_in?
      end
    end
  end

  # One account of the school is one here: an address that moved to somebody else opens nothing of its last owner's.
  def join_school(person)
    raise Usher::Invalid, "This address belongs to another account of your school. Ask your administrator." if school_login && school_login != person.who
    update!(school_login: person.who)
  end
end
