package civitane.app.claims;

import civitane.app.ledger.OfficeBook;
import civitane.core.facts.OrNone;
import civitane.core.facts.Parts;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The clients of a service who share a name with the other party of a matter; the rules say how alike they are. */
@Component
class ClientBook implements OfficeBook {
  private static final UUID NOBODY = new UUID(0, 0);
  private static final int MOST = 200;

  private final JdbcClient database;

  ClientBook(JdbcClient database) {
    this.database = database;
  }

  @Override
  public String fact() {
    return "clients";
  }

  @Override
  public List<String> rows(About about) {
    var other = otherParty(about.asked().answers());
    if (other.isBlank()) {
      return List.of();
    }
    return database
        .sql("""
            select distinct k.given_name || ' ' || k.family_name from known_person k
            join claim c on c.household_id = k.household_id
            where lower(k.family_name) in (:words) and c.service = :service and k.household_id <> :own
            order by 1 limit :most
            """)
        .param("words", List.of(other.toLowerCase(java.util.Locale.ROOT).split("\\s+")))
        .param("service", about.asked().service())
        .param("own", about.household() == null ? NOBODY : about.household())
        .param("most", MOST)
        .query(String.class)
        .list();
  }

  private static String otherParty(Record answers) {
    return Parts.byKey(answers).get("otherParty") instanceof OrNone<?> or
            && or.value() instanceof Record party
        ? String.valueOf(Parts.byKey(party).getOrDefault("name", "")).strip()
        : "";
  }
}
