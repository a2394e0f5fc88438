package civitane.app.papers;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.ledger.Ledgers;
import civitane.core.facts.Paper;
import civitane.core.ledger.EntryKind;
import civitane.core.ledger.Source;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** A form of somebody else that is brought to a claim is known by its code, whatever it was said to be. */
@Component
class Recognising {
  /** A paper to be looked at, by its id. */
  static final TaskDescriptor<Void> KIND = TaskDescriptor.of("recognise paper");

  private static final Duration AGAIN_AFTER = Duration.ofSeconds(5);

  private final PageCodes codes;
  private final PaperRows rows;
  private final SheetRows sheets;
  private final Ledgers ledgers;
  private final Claims claims;
  private final AuditLog audit;
  private final TransactionTemplate inTransaction;

  Recognising(
      PageCodes codes,
      PaperRows rows,
      SheetRows sheets,
      Ledgers ledgers,
      Claims claims,
      AuditLog audit,
      TransactionTemplate inTransaction) {
    this.codes = codes;
    this.rows = rows;
    this.sheets = sheets;
    this.ledgers = ledgers;
    this.claims = claims;
    this.audit = audit;
    this.inTransaction = inTransaction;
  }

  @Configuration
  static class Later {
    @Bean
    static Task<Void> recognisingOfPapers(Recognising recognising) {
      return Tasks.oneTime(KIND)
          .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(AGAIN_AFTER))
          .execute((paper, context) -> recognising.look(UUID.fromString(paper.getId())));
    }
  }

  private void look(UUID id) {
    var pages = sheets.of(id);
    var written = codes.on(pages);
    inTransaction.executeWithoutResult(status -> written.stream()
        .filter(code -> codes.reply(code).filter(Recognising::isForm).isPresent())
        .findFirst()
        .ifPresent(code -> set(id, pages, code.orElseThrow())));
  }

  private static boolean isForm(Reply reply) {
    return reply.sender() != null;
  }

  private void set(UUID id, List<Sheet> pages, ReplyCode code) {
    var paper = rows.find(id);
    var reply = codes.reply(Optional.of(code)).orElseThrow();
    var household = paper.household();
    ledgers.hold(household);
    // A form about another household says nothing here; one that was read or taken apart meanwhile
    // is a person's work already.
    if (!claims.householdOf(reply.claim()).equals(household)
        || ledgers.isPaperRead(household, id)
        || !sheets.of(id).equals(pages)) {
      return;
    }
    var facts = claims.facts(paper.claim());
    ledgers.tellPaper(
        household,
        id,
        Paper.came(
            reply.kind(),
            reply.person(),
            reply.income(),
            null,
            paper.remark().isEmpty() ? null : paper.remark()),
        facts.places().ids(),
        EntryKind.SAID,
        Source.paper(id.toString(), null),
        paper.cameBy());
    rows.sentBy(id, Objects.requireNonNull(reply.sender()));
    codes.came(code);
    audit.record(paper.cameBy(), "form recognised", id.toString(), paper.claim());
  }
}
