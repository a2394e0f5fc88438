package civitane.core.facts;

/** Whom the household allows to be asked. */
public enum ConsentTo implements Word {
  REGISTERS("registers"),
  EMPLOYER("employer"),
  LENDER("lender"),
  LANDLORD("landlord"),
  DOCTOR("doctor"),
  SCHOOL("school");

  private final String word;

  ConsentTo(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
