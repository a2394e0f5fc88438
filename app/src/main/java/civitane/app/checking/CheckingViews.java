package civitane.app.checking;

import civitane.app.catalogue.DeskWords;
import civitane.app.claims.Claims;
import civitane.app.jobs.Jobs;
import civitane.app.staff.Staff;
import civitane.core.checking.Comparison;
import civitane.core.checking.Inquiries;
import civitane.core.checking.Inquiry;
import civitane.words.Voice;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What is compared for a claim, in words. */
@Component
class CheckingViews {
  private final Comparisons comparisons;
  private final InquiryRows rows;
  private final Claims claims;
  private final Jobs jobs;
  private final Staff staff;
  private final Clock clock;

  CheckingViews(
      Comparisons comparisons,
      InquiryRows rows,
      Claims claims,
      Jobs jobs,
      Staff staff,
      Clock clock) {
    this.comparisons = comparisons;
    this.rows = rows;
    this.claims = claims;
    this.jobs = jobs;
    this.staff = staff;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  CheckingView of(String number) {
    var household = claims.householdOf(number);
    var compared = comparisons.held(household, claims.facts(number)).stream()
        .sorted(Comparator.comparing(held -> !held.isOpen()))
        .map(this::view)
        .toList();
    var newest = rows.newest(household);
    var today = LocalDate.now(clock);
    var packet = claims.facts(number).packet();
    var inquiries = Inquiries.of(packet, today);
    var asked = asked(newest, inquiries);
    var waiting = asked.stream().anyMatch(one -> one.answeredAt() == null);
    return new CheckingView(
        compared,
        asked,
        unasked(newest, inquiries),
        Consents.open(packet, today),
        Consents.standing(packet, today),
        waiting ? jobs.dueAt(AskingRegisters.KIND, household.toString()).orElse(null) : null);
  }

  private static List<String> unasked(Map<String, Asked> newest, List<Inquiry> inquiries) {
    return inquiries.stream()
        .filter(inquiry -> !newest.containsKey(InquiryRows.hash(inquiry.question())))
        .map(inquiry -> DeskWords.WORDS.word(inquiry.question().register()) + ", "
            + DeskWords.WORDS.who(inquiry.about()))
        .distinct()
        .toList();
  }

  private List<CheckingView.AskedRegister> asked(
      Map<String, Asked> newest, List<Inquiry> inquiries) {
    return inquiries.stream()
        .flatMap(inquiry -> {
          var asked = newest.get(InquiryRows.hash(inquiry.question()));
          return asked == null
              ? Stream.empty()
              : Stream.of(new CheckingView.AskedRegister(
                  DeskWords.WORDS.capital(
                      DeskWords.WORDS.word(inquiry.question().register())),
                  DeskWords.WORDS.who(inquiry.about()),
                  staff.nameOf(asked.by()),
                  asked.at(),
                  asked.triedAt(),
                  asked.answeredAt()));
        })
        .toList();
  }

  private CheckingView.Compared view(Held held) {
    var comparison = held.comparison();
    return new CheckingView.Compared(
        held.key(),
        held.seen(),
        DeskWords.WORDS.capital(DeskWords.WORDS.word(comparison.matter())),
        DeskWords.WORDS.who(comparison.about()),
        Comparisons.words(comparison.said()),
        Comparisons.words(comparison.found()),
        source(comparison),
        comparison.verdict().word(),
        DeskWords.WORDS.word(comparison.verdict()),
        comparison.differs() == null ? null : DeskWords.WORDS.say(comparison.differs(), Voice.DESK),
        settled(held.settled()));
  }

  private static String source(Comparison comparison) {
    var register = comparison.matter().register();
    return register == null ? "" : DeskWords.WORDS.word(register);
  }

  private CheckingView.@Nullable SettledBy settled(@Nullable Settled settled) {
    return settled == null
        ? null
        : new CheckingView.SettledBy(
            settled.how().name().toLowerCase(Locale.ROOT),
            settled.because(),
            staff.nameOf(settled.by()),
            settled.at());
  }
}
