package civitane.core.rules;

import civitane.core.facts.Role;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A question a service asks; every wither answers a changed copy. */
public final class Question implements Cloneable {
  private final String key;
  private final QuestionKind kind;
  private final List<String> options;
  private final List<Question> parts;
  private @Nullable String otherwise;
  private @Nullable When when;
  private @Nullable String orWord;
  private List<String> papers = List.of();
  private @Nullable String fact;
  private List<Role> rowsFor = List.of();
  private boolean bySystem;
  private boolean weighed = true;

  /**
   * The condition under which a question applies.
   *
   * @param key another question's key in the same group
   * @param answers the answers to it that make this one apply
   */
  public record When(String key, List<String> answers) {}

  private Question(String key, QuestionKind kind, List<String> options, List<Question> parts) {
    this.key = key;
    this.kind = kind;
    this.options = options;
    this.parts = parts;
  }

  public static Question of(String key, QuestionKind kind) {
    return new Question(key, kind, List.of(), List.of());
  }

  public static Question choice(String key, String... options) {
    return new Question(key, QuestionKind.CHOICE, List.of(options), List.of());
  }

  public static Question openChoice(String key, List<String> options) {
    return new Question(key, QuestionKind.OPEN_CHOICE, options, List.of());
  }

  public static Question choices(String key, String... options) {
    return new Question(key, QuestionKind.CHOICES, List.of(options), List.of());
  }

  public static Question group(String key, Question... parts) {
    return new Question(key, QuestionKind.GROUP, List.of(), List.of(parts));
  }

  public static Question groups(String key, Question... parts) {
    return new Question(key, QuestionKind.GROUPS, List.of(), List.of(parts));
  }

  /** With what an absent answer stands for, in words. */
  public Question otherwise(String words) {
    var copy = clone();
    copy.otherwise = words;
    return copy;
  }

  /** Applying only when another question has one of the answers. */
  public Question when(String other, String... answers) {
    var copy = clone();
    copy.when = new When(other, List.of(answers));
    return copy;
  }

  /** With a word that may stand in place of a group, as in {@code none}. */
  public Question orWord(String word) {
    var copy = clone();
    copy.orWord = word;
    return copy;
  }

  /** With the kinds of paper that the answer may call for. */
  public Question calls(String... kinds) {
    var copy = clone();
    copy.papers = List.of(kinds);
    return copy;
  }

  /** Known, perhaps, before it is asked: to a register or the office's own books, by the name of the fact. */
  public Question knownAs(String name) {
    var copy = clone();
    copy.fact = name;
    return copy;
  }

  /** Begun with a group for each person of these roles; the household says more or fewer. */
  public Question begunForEach(Role... roles) {
    var copy = clone();
    copy.rowsFor = List.of(roles);
    return copy;
  }

  /** Filled in by the office, not asked. */
  public Question filledIn() {
    var copy = clone();
    copy.bySystem = true;
    return copy;
  }

  /** Asked for the person who works the claim; no rule reads the answer. */
  public Question forTheFile() {
    var copy = clone();
    copy.weighed = false;
    return copy;
  }

  @Override
  protected Question clone() {
    try {
      return (Question) super.clone();
    } catch (CloneNotSupportedException e) {
      throw new AssertionError("a question can be copied", e);
    }
  }

  /** The answer's key in a packet. */
  public String key() {
    return key;
  }

  public QuestionKind kind() {
    return kind;
  }

  /** The words to choose from. */
  public List<String> options() {
    return options;
  }

  /** The questions of a group. */
  public List<Question> parts() {
    return parts;
  }

  /** What an absent answer stands for, in words; null when the answer is needed. */
  public @Nullable String otherwise() {
    return otherwise;
  }

  /** The earlier answer that makes it apply; null when it always does. */
  public @Nullable When when() {
    return when;
  }

  /** A word that may stand in place of a group. */
  public @Nullable String orWord() {
    return orWord;
  }

  /** The kinds of paper that the answer may call for. */
  public List<String> papers() {
    return papers;
  }

  /** The fact by which a register or the office's own books may know the answer; null where nobody does. */
  public @Nullable String fact() {
    return fact;
  }

  /** The roles of the people a group is begun for, each with the person's id under {@code person}. */
  public List<Role> rowsFor() {
    return rowsFor;
  }

  /** Whether the office fills it in. */
  public boolean bySystem() {
    return bySystem;
  }

  /** Whether the rules read it; otherwise it is kept for the person who works the claim. */
  public boolean weighed() {
    return weighed;
  }
}
