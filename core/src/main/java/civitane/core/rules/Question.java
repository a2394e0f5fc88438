package civitane.core.rules;

import civitane.core.facts.Asked;
import civitane.core.facts.Field;
import civitane.core.facts.Form;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Parts;
import civitane.core.facts.PartyKind;
import civitane.core.facts.Role;
import civitane.core.facts.Vocabulary;
import civitane.core.facts.WhoseWord;
import civitane.core.facts.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

import static java.util.Comparator.comparing;

/**
 * A question a service asks, as its record of answers declares it.
 *
 * @param key the answer's key in a packet
 * @param options the vocabulary to choose from; null where there is nothing to choose
 * @param optionsBy the earlier answer that says which of them make sense; null where all do
 * @param parts the questions of a group
 * @param optional whether an absent answer stands for something, which the words of the service say
 * @param when the earlier answer that makes it apply; null when it always does
 * @param orNone whether it may be said that there is none
 * @param papers the kinds of paper that the answer may call for
 * @param fact the fact by which a register or the office's own books may know the answer; null where nobody does
 * @param rowsFor the roles of the people a list is begun for, each with the person's id under {@code person}
 * @param whose whose word counts
 * @param filledIn whether nobody is asked: the office has it in its books, or sets it when the claim is worked
 * @param outside what somebody outside is whom the answer names; null where it names nobody
 * @param weighed whether the rules read it; otherwise it is kept for the person who works the claim
 */
public record Question(
    String key,
    QuestionKind kind,
    @Nullable Vocabulary options,
    @Nullable String optionsBy,
    List<Question> parts,
    boolean optional,
    @Nullable When when,
    boolean orNone,
    List<PaperKind> papers,
    @Nullable String fact,
    List<Role> rowsFor,
    WhoseWord whose,
    boolean filledIn,
    @Nullable PartyKind outside,
    boolean weighed) {

  /**
   * The condition under which a question applies.
   *
   * @param key another question's key in the same group
   * @param answers the answers to it that make this one apply
   */
  public record When(String key, List<String> answers) {}

  /** The questions whose answers a record holds, in its order. */
  public static List<Question> of(Class<?> answers) {
    return Parts.of(answers).fields().stream().map(Question::of).toList();
  }

  private static Question of(Field field) {
    var value = field.value();
    var element = value.element() == null ? value : value.element();
    var asked = field.asked();
    return new Question(
        field.key(),
        QuestionKind.of(value, asked != null && asked.proposes() != Word.class),
        options(element.form() == Form.CHOICE ? element.type() : null, asked),
        asked == null || asked.optionsBy().isEmpty() ? null : asked.optionsBy(),
        element.form() == Form.GROUP ? of(element.type()) : List.of(),
        asked != null && asked.optional() || field.otherwise() != null,
        asked == null || asked.when().isEmpty()
            ? null
            : new When(asked.when(), List.of(asked.is())),
        value.orNone() || asked != null && asked.orNone(),
        asked == null ? List.of() : List.of(asked.calls()),
        asked == null || asked.knownAs().isEmpty() ? null : asked.knownAs(),
        asked == null ? List.of() : List.of(asked.begunFor()),
        field.whose(),
        asked != null && asked.filledIn(),
        field.outside(),
        asked == null || !asked.forTheFile());
  }

  private static @Nullable Vocabulary options(@Nullable Class<?> choice, @Nullable Asked asked) {
    if (choice != null) {
      return Vocabulary.of(choice);
    }
    return asked == null || asked.proposes() == Word.class ? null : Vocabulary.of(asked.proposes());
  }

  /** The words to choose from by the question they stand under, in the order of the questions; empty where it is one. */
  public Map<Word, List<Word>> sets() {
    var sets = new TreeMap<Word, List<Word>>(comparing(word -> ((Enum<?>) word).ordinal()));
    if (options != null) {
      for (var word : options.byWord().values()) {
        if (word.under() != null) {
          sets.computeIfAbsent(word.under(), under -> new ArrayList<>()).add(word);
        }
      }
    }
    return sets;
  }

  /** The words to choose from. */
  public List<String> words() {
    return options == null ? List.of() : options.words();
  }
}
