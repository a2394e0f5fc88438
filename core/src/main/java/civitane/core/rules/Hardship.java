package civitane.core.rules;

/** What brought a household into arrears: at least one kind, and words where it is none of the listed ones. */
public final class Hardship {
  private static final String KINDS = "hardship";
  private static final String WORDS = "hardshipText";
  private static final String OTHER = "other";

  private Hardship() {}

  public static Question kinds() {
    return Question.choices(
        KINDS, "illness", "lostWork", "reducedHours", "childcare", "separation", "flood", OTHER);
  }

  public static Question words() {
    return Question.of(WORDS, QuestionKind.LONG_TEXT).when(KINDS, OTHER);
  }

  public static Test test(Situation it, String id) {
    var kinds = it.answers().texts(KINDS);
    var check = it.check(id)
        .needs(KINDS)
        .doubtIf(it.answers().has(KINDS) && kinds.isEmpty(), () -> "No hardship is named yet.");
    if (kinds.contains(OTHER)) {
      check.needs(WORDS);
    }
    return check.orMet(() -> "The hardship is named: "
        + Wording.list(kinds.stream().map(Wording::spoken).toList()) + ".");
  }
}
