package civitane.core.rules;

import civitane.core.facts.Form;
import civitane.core.facts.Household;
import civitane.core.facts.OrNone;
import civitane.core.facts.Parts;
import civitane.core.reasons.Argument.Missing;
import civitane.core.reasons.Argument.Who;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a place in a packet asks, and about whom. */
public final class MissingPlace {
  private static final String SIGNATURES = "signatures";

  private MissingPlace() {}

  /** What a pointer into a packet asks. */
  public static Missing of(Situation<?> it, String pointer) {
    if (pointer.startsWith(it.answersAt())) {
      return answer(it, pointer.substring(it.answersAt().length()));
    }
    return pointer.startsWith("/household/")
        ? fact(it.household(), pointer)
        : new Missing(pointer, SIGNATURES, null, null);
  }

  /** An answer at a path, as in {@code arrears/0/owed}: the question it answers, its row, and the person the row is of. */
  static Missing answer(Situation<?> it, String path) {
    var question = new StringBuilder(it.service());
    Integer row = null;
    Who whose = null;
    Object at = it.answers();
    for (var step : path.split("/")) {
      if (at instanceof OrNone<?> or) {
        at = or.value();
      }
      if (at instanceof List<?> list) {
        row = Integer.parseInt(step) + 1;
        at = list.get(row - 1);
        whose = at instanceof Record record ? personOf(it.household(), record) : null;
      } else if (isPerson(it.household(), step)) {
        whose = who(it.household(), step);
      } else {
        question.append('.').append(step);
        at = at instanceof Record record ? part(record, step) : null;
      }
    }
    return new Missing(it.answersAt() + path, question.toString(), row, whose);
  }

  private static boolean isPerson(Household household, String step) {
    return household.person(step).isPresent();
  }

  private static @Nullable Object part(Record record, String key) {
    var parts = Parts.of(record.getClass());
    var place = parts.place(key);
    return place < 0 ? null : parts.get(record, place);
  }

  private static @Nullable Who personOf(Household household, Record row) {
    var parts = Parts.of(row.getClass());
    for (var i = 0; i < parts.fields().size(); i++) {
      if (parts.fields().get(i).value().form() == Form.PERSON
          && parts.get(row, i) instanceof String id) {
        return who(household, id);
      }
    }
    return null;
  }

  private static @Nullable Who who(Household household, String id) {
    return household.person(id).map(person -> Who.of(household, person)).orElse(null);
  }

  /** A fact at a pointer, as in {@code /household/people/0/birthDate}. */
  static Missing fact(Household household, String pointer) {
    var question = new StringBuilder();
    Integer row = null;
    Who whose = null;
    for (var step : pointer.substring(1).split("/")) {
      if (step.chars().allMatch(Character::isDigit)) {
        row = Integer.parseInt(step) + 1;
      } else {
        question.append(question.isEmpty() ? "" : ".").append(step);
      }
    }
    if (row != null && pointer.startsWith("/household/people/")) {
      whose = Who.of(household, household.people().get(row - 1));
      row = null;
    } else if (row != null && pointer.startsWith("/household/incomes/")) {
      whose = who(household, household.incomes().get(row - 1).person());
      row = null;
    }
    return new Missing(pointer, question.toString(), row, whose);
  }
}
