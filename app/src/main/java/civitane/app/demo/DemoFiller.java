package civitane.app.demo;

import civitane.app.changes.Changes;
import civitane.app.claims.Claims;
import civitane.app.decisions.Decisions;
import civitane.app.decisions.Notices;
import civitane.app.drafts.ApplicationView;
import civitane.app.drafts.Applications;
import civitane.app.drafts.Draft;
import civitane.app.lodging.Lodging;
import civitane.app.money.Debts;
import civitane.app.papers.Tray;
import civitane.app.post.PostOut;
import civitane.app.problems.Problem;
import civitane.app.staff.Role;
import civitane.app.staff.Staff;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@Component
@ConditionalOnProperty("civitane.demo")
class DemoFiller implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(DemoFiller.class);
  private static final Pattern RELATIVE_DAY = Pattern.compile("@(-?\\d+)");
  private static final int MONTHS_OWED = 3;
  private static final String FRONT_DESK = "pia";

  private final Staff staff;
  private final Applications applications;
  private final Lodging lodging;
  private final Claims claims;
  private final Decisions decisions;
  private final Changes changes;
  private final Notices notices;
  private final Debts debts;
  private final DemoActs acts;
  private final Tray tray;
  private final PostOut post;
  private final OfficeClock clock;
  private final JdbcClient database;
  private final JsonMapper json;

  DemoFiller(
      Staff staff,
      Applications applications,
      Lodging lodging,
      Claims claims,
      Decisions decisions,
      Changes changes,
      Notices notices,
      Debts debts,
      DemoActs acts,
      Tray tray,
      PostOut post,
      OfficeClock clock,
      JdbcClient database,
      JsonMapper json) {
    this.staff = staff;
    this.applications = applications;
    this.lodging = lodging;
    this.claims = claims;
    this.decisions = decisions;
    this.changes = changes;
    this.notices = notices;
    this.debts = debts;
    this.acts = acts;
    this.tray = tray;
    this.post = post;
    this.clock = clock;
    this.database = database;
    this.json = json;
  }

  @Override
  public void run(ApplicationArguments arguments) throws IOException {
    if (database.sql("select count(*) from staff").query(Long.class).single() > 0) {
      if (database
              .sql("select count(*) from office_mark where name = 'demo'")
              .query(Long.class)
              .single()
          == 0) {
        throw new IllegalStateException(
            "this database has staff of an office; the demo is not run on it");
      }
      return;
    }
    database.sql("insert into office_mark (name) values ('demo')").update();
    addStaff();
    var untold = new ArrayList<String>();
    for (var line : lines("/demo/households.ndjson")) {
      var story = json.readValue(line, DemoStory.class);
      try {
        tell(story);
      } catch (Problem e) {
        untold.add(story.name() + ": " + e.getMessage() + " " + e.faults());
      }
    }
    if (!untold.isEmpty()) {
      throw new IllegalStateException("stories that can't be told: " + String.join("\n", untold));
    }
    clock.setBack(Duration.ofDays(1));
    post.postWritten(staff.named("teun"), LocalDate.now(clock).minusDays(1));
    for (var line : lines("/demo/post.ndjson")) {
      var post = json.readValue(line, MadePaper.class);
      tray.bring(staff.named(FRONT_DESK), post.pdf(), post.name());
    }
    clock.setBack(Duration.ZERO);
    LOG.info("The demo is filled.");
  }

  /** The password of every demo log-in is the log-in's name twice, with a hyphen. */
  private void addStaff() {
    add(FRONT_DESK, "Pia Sandoval-Reyes", Role.FRONT_DESK);
    add("ikenna", "Ikenna Okonjo", Role.CASEWORKER);
    add("maud", "Maud Verhallen", Role.CASEWORKER);
    add("teun", "Teun Abara", Role.SENIOR);
    add("edda", "Edda Lindqvist-Moor", Role.SENIOR);
    add("salome", "Salome Fisk", Role.POLICY);
    add("jun", "Jun Castellan", Role.AUDITOR);
  }

  private void add(String login, String name, Role role) {
    staff.add(login, name, role, login + "-" + login);
  }

  private List<String> lines(String file) throws IOException {
    try (var stream = DemoFiller.class.getResourceAsStream(file)) {
      var text = new String(stream.readAllBytes(), StandardCharsets.UTF_8);
      var today = LocalDate.now(clock);
      return RELATIVE_DAY
          .matcher(text)
          .replaceAll(found -> today.plusDays(Integer.parseInt(found.group(1))).toString())
          .lines()
          .toList();
    }
  }

  private void tell(DemoStory story) throws IOException {
    clock.setBack(Duration.ofDays(story.daysAgo()));
    var by = staff.named(story.caseworker());
    var application = begin(by, story);
    if ("draft".equals(story.upTo())) {
      return;
    }
    var lodged = lodging.lodge(by.actor(), application.id(), application.version());
    applications
        .household(application.id())
        .ifPresent(household -> bookDebts(by, story, household));
    if ("lodged".equals(story.upTo())) {
      return;
    }
    clock.setBack(Duration.ofDays(Math.max(0, story.daysAgo() - 1)));
    for (var number : lodged.claims()) {
      claims.take(by, number);
      for (var paper : story.papers()) {
        acts.bring(by, number, paper);
      }
      for (var act : story.acts()) {
        clock.setBack(Duration.ofDays(act.daysAgo()));
        acts.act(by, number, act);
      }
      if ("decided".equals(story.upTo())) {
        clock.setBack(Duration.ofDays(Math.max(0, story.daysAgo() - 3)));
        decisions.decide(by, number, claims.view(number).version(), true, null, null);
        if (claims.claim(number).unsigned().isPresent()) {
          decisions.sign(staff.named("teun"), number, claims.view(number).version());
        }
      }
    }
    if (story.changes() != null) {
      for (var change : story.changes()) {
        report(by, applications.household(application.id()).orElseThrow(), change);
      }
    }
  }

  private void report(Staff.Colleague by, UUID household, DemoStory.DemoChange change)
      throws IOException {
    clock.setBack(Duration.ofDays(change.daysAgo()));
    var begun = changes.begin(by, household);
    var draft = begun.draft();
    change.set().forEach((pointer, value) -> {
      var last = pointer.lastIndexOf('/');
      ((ObjectNode) draft.packet().at(pointer.substring(0, last)))
          .set(pointer.substring(last + 1), value);
    });
    ((ObjectNode) draft.taking())
        .putObject("change")
        .put("on", change.on())
        .put("told", change.told());
    var typed = applications.type(by.actor(), begun.id(), begun.version(), draft);
    var touched = changes.report(by, begun.id(), typed.version()).touched();
    for (var claim : touched) {
      for (var paper : change.papers()) {
        acts.bring(by, claim.number(), paper);
      }
      if (change.answer() != null) {
        notices.tell(by, claim.number(), claims.view(claim.number()).version());
        notices.answered(
            by, claim.number(), claims.view(claim.number()).version(), change.answer());
      }
    }
  }

  private ApplicationView begin(Staff.Colleague by, DemoStory story) {
    var begun = applications.begin(by, story.packet());
    var taking = story.taking();
    return taking == null
        ? begun
        : applications.type(
            by.actor(),
            begun.id(),
            begun.version(),
            new Draft(begun.draft().packet(), begun.draft().typed(), taking));
  }

  /** What a household asks to pay back in parts stands in the office's own books. */
  private void bookDebts(Staff.Colleague by, DemoStory story, UUID household) {
    for (var request : story.packet().path("requests")) {
      for (var debt : request.path("answers").path("debts")) {
        debts.book(
            by,
            household,
            new Debts.Debt(
                debt.path("ref").asString(),
                debt.path("kind").asString(),
                debt.path("amount").decimalValue(),
                LocalDate.now(clock).minusMonths(MONTHS_OWED)));
      }
    }
  }
}
