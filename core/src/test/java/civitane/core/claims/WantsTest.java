package civitane.core.claims;

import civitane.core.facts.HouseholdsWord.Hearsay;
import civitane.core.facts.WhoseWord;
import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import civitane.core.reasons.Argument;
import civitane.core.rules.Check;
import civitane.core.rules.Mode;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.services.Screening;
import civitane.core.services.Services;
import civitane.core.services.WorkedCase;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What a result leaves open is wanted once, from whoever can bring it, and for the reason that the rules give. */
public class WantsTest {
  private static final Screening SCREENING = new Screening(RateShelf.shipped());

  private static List<Want> of(Result result) {
    return Wants.of(result, Services.named(result.service()).orElseThrow()::whose);
  }

  private static List<Result> results() {
    var results = new ArrayList<Result>();
    WorkedCase.all().forEach(one -> results.addAll(SCREENING.of(one.packet(), Mode.DETERMINE)));
    return results;
  }

  private static List<Check> unknown(Result result) {
    return result.checks().stream().filter(check -> check.is(Outcome.UNKNOWN)).toList();
  }

  @Test
  public void whatIsNotKnownIsWantedAndNothingElse() {
    for (var result : results()) {
      var wants = of(result);
      assertEquals(
          wants.isEmpty(),
          unknown(result).isEmpty() && result.route() == null,
          wants + " of " + result);
      var things = new HashSet<String>();
      wants.forEach(want -> assertTrue(things.add(want.kind() + want.subject()), wants.toString()));
      wants.forEach(want -> assertFalse(want.reasons().isEmpty(), want.toString()));
    }
  }

  @Test
  public void everythingMissingIsNamedAndFromWhomIsSaid() {
    var turns = EnumSet.noneOf(Turn.class);
    var kinds = EnumSet.noneOf(ItemKind.class);
    for (var result : results()) {
      var wants = of(result);
      var service = Services.named(result.service()).orElseThrow();
      wants.forEach(want -> {
        kinds.add(want.kind());
        turns.add(want.owner());
      });
      for (var check : unknown(result)) {
        for (var missing : check.missing()) {
          var found = wants.stream()
              .filter(want -> want.subject().equals(missing.subject()))
              .toList();
          var waits =
              result.hold() != null && wants.stream().anyMatch(one -> one.kind() == ItemKind.WORD);
          assertTrue(!found.isEmpty() || waits, missing + " of " + wants);
          found.forEach(want -> {
            var whose = service.whose(want.subject());
            assertEquals(want.owner() == Turn.OURS, whose == WhoseWord.OFFICE, want.toString());
            assertEquals(
                want.owner() == Turn.THIRD_PARTY, whose == WhoseWord.THIRD_PARTY, want.toString());
          });
          if (check.missing().size() == 1 && found.size() == 1) {
            assertTrue(
                found.get(0).reasons().equals(check.reasons())
                    || isOfAnotherCheck(result, check, missing),
                found + " for " + check);
          }
        }
      }
    }
    assertEquals(turns, EnumSet.of(Turn.OURS, Turn.HOUSEHOLD, Turn.THIRD_PARTY));
    assertEquals(
        kinds,
        EnumSet.of(
            ItemKind.FACT, ItemKind.PAPER, ItemKind.SIGNATURE, ItemKind.JUDGEMENT, ItemKind.WORD));
  }

  /** Two checks may miss the same thing; it is told as the first tells it. */
  private static boolean isOfAnotherCheck(Result result, Check check, Argument.Missing missing) {
    return unknown(result).stream()
        .anyMatch(other -> other != check
            && other.missing().stream().anyMatch(one -> one.subject().equals(missing.subject())));
  }

  @Test
  public void whatIsUrgentIsOursFirst() {
    var urgent = results().stream()
        .filter(result ->
            result.route() != null && "urgentLine".equals(result.route().word()))
        .toList();
    assertFalse(urgent.isEmpty());
    for (var result : urgent) {
      var first = of(result).get(0);
      assertEquals(first.owner(), Turn.OURS);
      assertEquals(first.kind(), ItemKind.JUDGEMENT);
      assertEquals(first.reasons(), List.of(Why.URGENT_LINE.with()));
    }
  }

  @Test
  public void whatWaitsForAThirdPartyIsTheirs() {
    var waiting = results().stream().filter(result -> result.hold() != null).toList();
    assertFalse(waiting.isEmpty());
    for (var result : waiting) {
      var words =
          of(result).stream().filter(want -> want.owner() != Turn.HOUSEHOLD).toList();
      assertFalse(words.isEmpty(), of(result).toString());
    }
  }

  @Test
  public void hearsayIsKeptForWhoeverHasToSayIt() {
    var what =
        new Argument.Missing("/requests/0/answers/x", "rentRelief.landlord.agrees", null, null);
    var theirs =
        Wants.ofHearsay(new Hearsay("/requests/0/answers/x", WhoseWord.THIRD_PARTY, true), what);
    assertEquals(theirs.owner(), Turn.THIRD_PARTY);
    assertEquals(theirs.kind(), ItemKind.WORD);
    assertEquals(
        theirs.reasons(),
        List.of(
            Why.TOLD_BY_OTHERS.with(new Argument.Several(List.of(what)), Argument.told("true"))));
    assertTrue(theirs.isFoundByPeople());
    var ours = Wants.ofHearsay(
        new Hearsay("/requests/0/answers/x", WhoseWord.OFFICE, Amount.of("12.5")), what);
    assertEquals(ours.owner(), Turn.OURS);
    assertEquals(
        ours.reasons(),
        List.of(Why.TOLD_OF_THE_OFFICE.with(
            new Argument.Several(List.of(what)), Argument.told("12.5"))));
    assertFalse(new Want(
            ItemKind.FACT,
            "x",
            List.of(Why.WANTED.with(new Argument.Several(List.of(what)))),
            Turn.OURS)
        .isFoundByPeople());
  }
}
