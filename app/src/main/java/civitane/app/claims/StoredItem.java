package civitane.app.claims;

import civitane.core.claims.Item;
import civitane.core.claims.ItemKind;
import civitane.core.claims.ItemState;
import civitane.core.claims.Turn;
import civitane.core.claims.Want;
import civitane.packet.KeptReasons;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;

/** An item of a claim as it is kept; its place in the claim is its number. */
@Embeddable
record StoredItem(
    @Enumerated(EnumType.STRING) ItemKind kind,
    String subject,
    String reasons,
    @Enumerated(EnumType.STRING) Turn owner,
    LocalDate dueOn,
    @Enumerated(EnumType.STRING) ItemState state,
    int returned) {

  static StoredItem of(Item item) {
    var want = item.want();
    return new StoredItem(
        want.kind(),
        want.subject(),
        KeptReasons.written(want.reasons()),
        want.owner(),
        item.dueOn(),
        item.state(),
        item.returned());
  }

  Item item(int id) {
    return new Item(
        id, new Want(kind, subject, KeptReasons.read(reasons), owner), dueOn, state, returned);
  }
}
