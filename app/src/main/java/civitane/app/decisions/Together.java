package civitane.app.decisions;

import civitane.app.access.Guard;
import civitane.app.catalogue.Catalogue;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.determining.ResultView;
import civitane.app.determining.Screenings;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.SecondSignature;
import civitane.core.claims.Why;
import civitane.core.reasons.Reason;
import civitane.core.rules.Finding;
import civitane.core.rules.Mode;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.words.Voice;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * Claims of one service that come out alike, decided one after the other as they were computed. Each is a decision of its
 * own, with its own letter; what is not plain is taken out first.
 */
@Service
class Together {
  /** More at once nobody looks through. */
  private static final int MOST = 100;

  private final Claims claims;
  private final ClaimLists claimLists;
  private final Screenings screenings;
  private final Decisions decisions;
  private final Guard guard;

  Together(
      Claims claims,
      ClaimLists claimLists,
      Screenings screenings,
      Decisions decisions,
      Guard guard) {
    this.claims = claims;
    this.claimLists = claimLists;
    this.screenings = screenings;
    this.decisions = decisions;
    this.guard = guard;
  }

  /** Claims that come out alike. */
  record Alike(String service, String title, String outcome, List<AlikeClaim> claims) {}

  /**
   * One of them.
   *
   * @param awards what would be granted, in words
   * @param because why it would be refused
   * @param apart why somebody looks at it by itself; nothing where it is plain
   */
  record AlikeClaim(
      String number,
      int version,
      String name,
      List<String> awards,
      List<String> because,
      List<String> apart) {}

  /** A claim as it was looked at. */
  record Chosen(String number, int version) {}

  /**
   * What became of one.
   *
   * @param refusal why it was not decided; null where it was
   */
  record Became(String number, @Nullable String refusal) {}

  /** What somebody has that can be decided, by service and outcome. */
  List<Alike> of(Staff.Colleague by) {
    var groups = new LinkedHashMap<String, Alike>();
    for (var ready : claimLists.ready(by, MOST)) {
      var packet = claims.facts(ready.number()).packet();
      var result = screenings.results(packet, Mode.DETERMINE).get(0);
      if (result.outcome() != Finding.UNKNOWN) {
        groups
            .computeIfAbsent(
                result.service() + result.outcome(),
                key -> new Alike(
                    result.service(),
                    Catalogue.title(result.service()),
                    result.outcome().word(),
                    new ArrayList<>()))
            .claims()
            .add(new AlikeClaim(
                ready.number(),
                ready.version(),
                ready.householdName(),
                ResultView.awards(result),
                because(result),
                apart(ready, result)));
      }
    }
    return List.copyOf(groups.values());
  }

  private static List<String> because(Result result) {
    return result.checks().stream()
        .filter(check -> check.is(Outcome.NOT_MET))
        .map(check -> DeskWords.WORDS.say(check.reasons(), Voice.DESK))
        .toList();
  }

  private List<String> apart(ClaimLists.Ready ready, Result result) {
    var grants = result.outcome() == Finding.ENTITLED;
    var apart = new ArrayList<Reason>();
    if (!grants) {
      apart.add(Why.REFUSAL_BY_ITSELF.with());
    }
    if (!claims.claim(ready.number()).decisions().isEmpty()) {
      apart.add(Why.DECIDED_BEFORE.with());
    }
    result.notes().forEach(note -> apart.add(note.reason()));
    if (ready.urgent()) {
      apart.add(Why.IS_URGENT.with());
    }
    if (SecondSignature.isWanted(result, grants) || guard.isRestricted(ready.household())) {
      apart.add(Why.SECOND_WANTED.with());
    }
    return apart.stream().map(why -> DeskWords.WORDS.say(why, Voice.DESK)).toList();
  }

  /** Decides each as it is computed, in the version that was looked at; one that can't be leaves the others as they are. */
  List<Became> decide(Staff.Colleague by, boolean grant, List<Chosen> chosen) {
    if (chosen.isEmpty() || chosen.size() > MOST) {
      throw Problem.wrong("Choose at least one claim, and at most " + MOST + ".");
    }
    return chosen.stream().map(one -> decided(by, grant, one)).toList();
  }

  private Became decided(Staff.Colleague by, boolean grant, Chosen one) {
    try {
      decisions.decide(by, one.number(), one.version(), grant, null, null);
      return new Became(one.number(), null);
    } catch (Problem problem) {
      return new Became(one.number(), problem.getMessage());
    }
  }
}
