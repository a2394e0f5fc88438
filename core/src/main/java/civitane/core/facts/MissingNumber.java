package civitane.core.facts;

/** Why somebody's resident number is not given. */
public enum MissingNumber implements Word {
  UNKNOWN("unknown"),
  NOT_ISSUED("notIssued"),
  DECLINED("declined");

  private final String word;

  MissingNumber(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
