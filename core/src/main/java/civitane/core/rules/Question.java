package civitane.core.rules;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A question a service asks.
 *
 * @param key the answer's key in a packet
 * @param options the words to choose from
 * @param parts the questions of a group
 * @param otherwise what an absent answer stands for, in words; null when the answer is needed
 * @param when the earlier answer that makes it apply; null when it always does
 * @param orWord a word that may stand in place of a group, as in {@code none}
 * @param papers the kinds of paper that the answer may call for
 * @param bySystem the answer is filled in by the office, not asked
 * @param weighed the rules read it; otherwise it is kept for the person who works the claim
 */
public record Question(
    String key,
    QuestionKind kind,
    List<String> options,
    List<Question> parts,
    @Nullable String otherwise,
    @Nullable When when,
    @Nullable String orWord,
    List<String> papers,
    boolean bySystem,
    boolean weighed) {

  /**
   * The condition under which a question applies.
   *
   * @param key another question's key in the same group
   * @param answers the answers to it that make this one apply
   */
  public record When(String key, List<String> answers) {}

  public static Question of(String key, QuestionKind kind) {
    return new Question(key, kind, List.of(), List.of(), null, null, null, List.of(), false, true);
  }

  public static Question choice(String key, String... options) {
    return new Question(
        key,
        QuestionKind.CHOICE,
        List.of(options),
        List.of(),
        null,
        null,
        null,
        List.of(),
        false,
        true);
  }

  public static Question openChoice(String key, List<String> options) {
    return new Question(
        key,
        QuestionKind.OPEN_CHOICE,
        options,
        List.of(),
        null,
        null,
        null,
        List.of(),
        false,
        true);
  }

  public static Question choices(String key, String... options) {
    return new Question(
        key,
        QuestionKind.CHOICES,
        List.of(options),
        List.of(),
        null,
        null,
        null,
        List.of(),
        false,
        true);
  }

  public static Question group(String key, Question... parts) {
    return new Question(
        key,
        QuestionKind.GROUP,
        List.of(),
        List.of(parts),
        null,
        null,
        null,
        List.of(),
        false,
        true);
  }

  public static Question groups(String key, Question... parts) {
    return new Question(
        key,
        QuestionKind.GROUPS,
        List.of(),
        List.of(parts),
        null,
        null,
        null,
        List.of(),
        false,
        true);
  }

  public Question otherwise(String words) {
    return new Question(key, kind, options, parts, words, when, orWord, papers, bySystem, weighed);
  }

  public Question when(String other, String... answers) {
    return new Question(
        key,
        kind,
        options,
        parts,
        otherwise,
        new When(other, List.of(answers)),
        orWord,
        papers,
        bySystem,
        weighed);
  }

  public Question orWord(String word) {
    return new Question(
        key, kind, options, parts, otherwise, when, word, papers, bySystem, weighed);
  }

  public Question calls(String... kinds) {
    return new Question(
        key, kind, options, parts, otherwise, when, orWord, List.of(kinds), bySystem, weighed);
  }

  public Question filledIn() {
    return new Question(key, kind, options, parts, otherwise, when, orWord, papers, true, weighed);
  }

  /** The same question, asked for the person who works the claim; no rule reads the answer. */
  public Question forTheFile() {
    return new Question(
        key, kind, options, parts, otherwise, when, orWord, papers, bySystem, false);
  }
}
