package civitane.core.facts;

/** What a person is to the applicant. */
public enum Role implements Word {
  APPLICANT("applicant"),
  SPOUSE("spouse"),
  CHILD("child"),
  PARENT("parent"),
  SIBLING("sibling"),
  RELATIVE("relative"),
  FOSTER_CHILD("fosterChild"),
  RESIDENT_CARER("residentCarer"),
  LODGER("lodger");

  private final String word;

  Role(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
