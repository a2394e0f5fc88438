package civitane.app.door;

import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.determining.Screenings;
import civitane.app.drafts.Applications;
import civitane.app.drafts.Taking;
import civitane.app.jobs.Jobs;
import civitane.app.ledger.Ledgers;
import civitane.app.lodging.ApplicationLodged;
import civitane.app.papers.Bringing;
import civitane.app.problems.Problem;
import civitane.core.claims.Item;
import civitane.core.claims.ItemKind;
import civitane.core.claims.Turn;
import civitane.core.claims.Want;
import civitane.core.claims.Wants;
import civitane.core.claims.Why;
import civitane.core.facts.PaperKind;
import civitane.core.rules.Mode;
import civitane.core.services.Services;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.time.Clock;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Papers that a household sends before it lodges: for what is going to be wanted of it, as far as that is known by what it
 * told. They are filed, each for what it is, with the claim that wants it as soon as there is one.
 */
@Service
class EarlyPapers {
  /** More files than that no application wants. */
  private static final int MOST = 60;

  /** No rule wants it: somebody of the office looks at it before whoever acts is told anything more. */
  private static final Want TO_ACT = new Want(
      ItemKind.PAPER, PaperKind.MANDATE.word(), List.of(Why.ACTS_TO_SHOW.with()), Turn.HOUSEHOLD);

  private final EarlyPaperRows rows;
  private final Applications applications;
  private final Applying applying;
  private final Screenings screenings;
  private final Bringing bringing;
  private final ClaimLists claimLists;
  private final Claims claims;
  private final Ledgers ledgers;
  private final Letterbox letterbox;
  private final Jobs jobs;
  private final Clock clock;

  EarlyPapers(
      EarlyPaperRows rows,
      Applications applications,
      Applying applying,
      Screenings screenings,
      Bringing bringing,
      ClaimLists claimLists,
      Claims claims,
      Ledgers ledgers,
      Letterbox letterbox,
      Jobs jobs,
      Clock clock) {
    this.rows = rows;
    this.applications = applications;
    this.applying = applying;
    this.screenings = screenings;
    this.bringing = bringing;
    this.claimLists = claimLists;
    this.claims = claims;
    this.ledgers = ledgers;
    this.letterbox = letterbox;
    this.jobs = jobs;
    this.clock = clock;
  }

  /**
   * A paper that can be sent.
   *
   * @param wanted what it is for, to be sent along with it
   * @param pages how many pages came so far, in words; empty where none did
   */
  record EarlyPaper(String wanted, String words, String pages) {}

  /** What can be sent now, in the order the rules want it. */
  @Transactional(readOnly = true)
  List<EarlyPaper> of(UUID application, Language language) {
    var words = Words.in(language);
    var came = rows.pages(application);
    return wanted(application).stream()
        .map(want -> new EarlyPaper(
            want.subject(),
            words.capital(words.say(want.reasons(), Voice.LETTER)),
            came.containsKey(want.subject())
                ? words.say("door.wanted.pages", "n", BigDecimal.valueOf(came.get(want.subject())))
                : ""))
        .toList();
  }

  private Collection<Want> wanted(UUID application) {
    var draft = applications.draft(applications.find(application));
    var packet = screenings.readable(draft.packet());
    var wanted = new LinkedHashMap<String, Want>();
    if (new Taking(draft.taking()).isForAnother()) {
      wanted.put(TO_ACT.subject(), TO_ACT);
    }
    if (packet != null) {
      for (var result : screenings.results(packet, Mode.DETERMINE)) {
        var service = Services.named(result.service()).orElseThrow();
        Wants.of(result, service::whose).stream()
            .filter(want -> want.kind() == ItemKind.PAPER && want.owner() == Turn.HOUSEHOLD)
            .forEach(want -> wanted.putIfAbsent(want.subject(), want));
      }
    }
    return wanted.values();
  }

  /** Takes a file for something that can be sent; what came for it before stands before it. */
  void bring(UUID application, String wanted, String name, String remark, InputStream file)
      throws IOException {
    if (wanted(application).stream().noneMatch(want -> want.subject().equals(wanted))) {
      throw Problem.wrong("No such paper is wanted for this application.");
    }
    bringing.keep(file, kept -> {
      // It may have been lodged while the file came: then it would be filed nowhere.
      applying.hold(application);
      rows.add(application, new EarlyPaperRows.Early(wanted, kept, name, remark), clock.instant());
    });
  }

  /** Whether no more is taken before it is lodged. */
  @Transactional(readOnly = true)
  boolean isFull(UUID application) {
    return rows.count(application) >= MOST;
  }

  @Transactional
  void takeAway(UUID application, String wanted) {
    applying.hold(application);
    rows.remove(application, wanted);
  }

  @EventListener
  @Transactional(propagation = Propagation.MANDATORY)
  void on(ApplicationLodged lodged) {
    if (!rows.unfiled(lodged.application()).isEmpty()) {
      jobs.soon(FilingOfEarlyPapers.KIND, lodged.application().toString());
    }
  }

  @Transactional(readOnly = true)
  List<String> unfiled(UUID application) {
    return rows.unfiled(application);
  }

  /** Files what came for something as one paper, once. */
  @Transactional
  void file(UUID application, String wanted) {
    var numbers = claimLists.ofApplication(application);
    var number =
        numbers.stream().filter(one -> isWanted(one, wanted)).findFirst().orElse(numbers.get(0));
    ledgers.hold(claims.householdOf(number));
    var came = rows.filed(application, wanted, clock.instant());
    if (!came.isEmpty()) {
      var first = came.get(0);
      bringing.file(
          letterbox.actor(number),
          number,
          came.stream().map(EarlyPaperRows.Early::kept).toList(),
          letterbox.filing(number, null, wanted, first.name(), first.remark()));
    }
  }

  private boolean isWanted(String number, String wanted) {
    var places = claims.facts(number).places();
    return claims.claim(number).live().stream()
        .map(Item::want)
        .anyMatch(
            want -> want.kind() == ItemKind.PAPER && places.here(want.subject()).equals(wanted));
  }
}
