package civitane.app.parties;

import civitane.app.ledger.OfficeBook;
import civitane.core.facts.OutsideParty;
import civitane.core.facts.PartyKind;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What somebody outside whom a request names has said themselves. */
abstract class NamedBook implements OfficeBook {
  private final PartyRows rows;
  private final Parties parties;
  private final PartyKind kind;

  NamedBook(PartyRows rows, Parties parties, PartyKind kind) {
    this.rows = rows;
    this.parties = parties;
    this.kind = kind;
  }

  /** What a request says of them; null where it names nobody. */
  abstract @Nullable Map<String, Object> told(Record answers);

  /** What of a party answers the request. */
  abstract Map<String, @Nullable Object> answered(OutsideParty party);

  @Override
  public List<Map<String, Object>> rows(About about) {
    var told = told(about.asked().answers());
    if (told == null || !(told.get("name") instanceof String name)) {
      return List.of();
    }
    var known = rows.named(kind, name);
    if (known.isEmpty()) {
      return List.of();
    }
    var row = new HashMap<>(told);
    answered(parties.known(known.get().id())).forEach((key, value) -> {
      if (value != null) {
        row.put(key, value);
      }
    });
    if (about.request() != null) {
      rows.askedOn(about.request(), known.get().id()).ifPresent(on -> row.put("askedOn", on));
    }
    return List.of(row);
  }
}
