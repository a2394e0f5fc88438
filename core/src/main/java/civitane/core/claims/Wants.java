package civitane.core.claims;

import civitane.core.facts.HouseholdsWord.Hearsay;
import civitane.core.facts.WhoseWord;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Missing;
import civitane.core.reasons.Reason;
import civitane.core.rules.Check;
import civitane.core.rules.Hold;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.rules.Route;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What a result leaves open, as somebody's to bring or to settle. */
public final class Wants {
  private Wants() {}

  /** Each thing once. What only the office can settle is ours, never the household's. */
  public static List<Want> of(Result result, Function<String, WhoseWord> whose) {
    var wants = new LinkedHashMap<String, Want>();
    var urgent = result.route() == Route.URGENT_LINE;
    if (urgent) {
      put(
          wants,
          new Want(
              ItemKind.JUDGEMENT,
              Route.URGENT_LINE.word(),
              List.of(Why.URGENT_LINE.with()),
              Turn.OURS));
    }
    for (var check : result.checks()) {
      if (check.is(Outcome.UNKNOWN) && !(urgent && check.missing().isEmpty())) {
        of(check, result.hold(), whose).forEach(want -> put(wants, want));
      }
    }
    return List.copyOf(wants.values());
  }

  private static void put(Map<String, Want> wants, Want want) {
    wants.putIfAbsent(want.kind().word() + want.subject(), want);
  }

  private static List<Want> of(
      Check check, @Nullable Hold hold, Function<String, WhoseWord> whose) {
    if (check.isForTheOffice() && check.missing().isEmpty()) {
      return List.of(new Want(ItemKind.JUDGEMENT, check.id(), check.reasons(), Turn.OURS));
    }
    if (hold != null && waitsFor(check, hold)) {
      var place = check.missing().stream()
          .map(Missing::subject)
          .filter(subject -> whose.apply(subject) == WhoseWord.THIRD_PARTY)
          .findFirst()
          .orElse(hold.word());
      return List.of(new Want(ItemKind.WORD, place, check.reasons(), Turn.THIRD_PARTY));
    }
    if (check.missing().isEmpty()) {
      var subject = check.needs().isEmpty() ? check.id() : check.needs().get(0);
      return List.of(want(subject, check.reasons(), whose.apply(subject)));
    }
    var alone = check.missing().size() == 1;
    return check.missing().stream()
        .map(missing -> want(
            missing.subject(),
            alone ? check.reasons() : List.of(Why.WANTED.with(missing(missing))),
            whose.apply(missing.subject())))
        .toList();
  }

  /** Something wanted from whoever's word counts. */
  private static Want want(String subject, List<Reason> reasons, WhoseWord whose) {
    return switch (whose) {
      case HOUSEHOLD -> new Want(kind(subject), subject, reasons, Turn.HOUSEHOLD);
      case OFFICE -> new Want(ItemKind.JUDGEMENT, subject, reasons, Turn.OURS);
      case THIRD_PARTY -> new Want(ItemKind.WORD, subject, reasons, Turn.THIRD_PARTY);
    };
  }

  /** What the household was told in somebody else's stead: it counts once they say so themselves. */
  public static Want ofHearsay(Hearsay hearsay, Missing what) {
    return hearsay.whose() == WhoseWord.THIRD_PARTY
        ? want(
            hearsay.pointer(),
            List.of(Why.TOLD_BY_OTHERS.with(missing(what), Argument.told(said(hearsay.value())))),
            WhoseWord.THIRD_PARTY)
        : want(
            hearsay.pointer(),
            List.of(
                Why.TOLD_OF_THE_OFFICE.with(missing(what), Argument.told(said(hearsay.value())))),
            WhoseWord.OFFICE);
  }

  private static String said(Object value) {
    return value instanceof Amount amount ? amount.toDecimal().toPlainString() : value.toString();
  }

  private static Argument.Several missing(Missing missing) {
    return new Argument.Several(List.of(missing));
  }

  /** Whether the check waits for the one whom the claim waits for, by the word in what it used. */
  private static boolean waitsFor(Check check, Hold hold) {
    return check.needs().stream().anyMatch(pointer -> pointer.contains("/" + hold.word()));
  }

  private static ItemKind kind(String subject) {
    if (subject.startsWith("/signatures") || subject.startsWith("signature:")) {
      return ItemKind.SIGNATURE;
    }
    var fact =
        subject.startsWith("/") || subject.startsWith("income:") || subject.startsWith("noIncome:");
    return fact ? ItemKind.FACT : ItemKind.PAPER;
  }
}
