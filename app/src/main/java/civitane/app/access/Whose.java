package civitane.app.access;

import civitane.app.problems.Problem;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Of which household something is that is asked for by its address. */
@Component
class Whose {
  private static final String HOUSEHOLD = "select id from household where id = ?";
  private static final String CLAIM = "select household_id from claim where number = ?";
  private static final String PAPER = "select household_id from paper where id = ?";
  private static final String APPLICATION = "select household_id from application where id = ?";
  private static final String FORM = """
      select a.household_id from form_out f join application a on a.id = f.application_id where f.id = ?""";
  private static final String SCAN = """
      select a.household_id from scan s join application a on a.id = s.application_id where s.id = ?""";
  private static final String LETTER = """
      select coalesce(c.household_id, a.household_id) from letter l
      left join claim c on c.number = l.about left join application a on a.receipt = l.about or a.id = (
        select application_id from claim where number = 'BW-' || substr(l.about, 3)) where l.id = ?""";

  private final JdbcClient database;

  Whose(JdbcClient database) {
    this.database = database;
  }

  static Problem noClaim() {
    return Problem.notThere("A claim with this number");
  }

  /**
   * Something that is there.
   *
   * @param household null while it is nobody's yet, as a draft may be
   */
  record There(@Nullable UUID household) {}

  Optional<There> household(UUID id) {
    return of(HOUSEHOLD, id);
  }

  Optional<There> claim(String number) {
    return of(CLAIM, number);
  }

  Optional<There> paper(UUID id) {
    return of(PAPER, id);
  }

  Optional<There> application(UUID id) {
    return of(APPLICATION, id);
  }

  Optional<There> form(UUID id) {
    return of(FORM, id);
  }

  Optional<There> scan(UUID id) {
    return of(SCAN, id);
  }

  /** By the claim it is about, or the application whose receipt it is. */
  Optional<There> letter(UUID id) {
    return of(LETTER, id);
  }

  private Optional<There> of(String question, Object what) {
    return database
        .sql(question)
        .param(what)
        .query((row, n) -> new There(row.getObject(1, UUID.class)))
        .list()
        .stream()
        .findFirst();
  }
}
