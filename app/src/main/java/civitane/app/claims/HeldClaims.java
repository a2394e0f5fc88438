package civitane.app.claims;

import jakarta.persistence.EntityManager;
import jakarta.persistence.FlushModeType;
import jakarta.persistence.Tuple;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Repository;

/** Claims held until a change of them is done, so that of two changes one comes after the other. */
@Repository
class HeldClaims {
  private final EntityManager entities;

  HeldClaims(EntityManager entities) {
    this.entities = entities;
  }

  /**
   * The claim as it is once nobody else holds it, also where it was read before in this transaction. Nothing is written
   * before it is held: what is written beside a claim would share it already, and two who share it wait for each other.
   */
  @SuppressWarnings("unchecked") // the rows of a native query have the type that it is asked for
  Optional<StoredClaim> hold(String number) {
    List<Tuple> held = entities
        .createNativeQuery(
            "select id, version from claim where number = :number for update", Tuple.class)
        .setParameter("number", number)
        .setFlushMode(FlushModeType.COMMIT)
        .getResultList();
    return held.stream().findFirst().map(row -> {
      var claim = entities.find(StoredClaim.class, row.get("id", UUID.class));
      if (claim.version() != row.get("version", Integer.class)) {
        entities.refresh(claim);
      }
      return claim;
    });
  }
}
