package civitane.app.households;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface HouseholdRepository extends JpaRepository<StoredHousehold, UUID> {

  /** Households in the order of their names, after a name and id. */
  @Query("""
      select h from StoredHousehold h
      where lower(h.name) like concat(lower(:start), '%')
        and (lower(h.name) > lower(:afterName) or lower(h.name) = lower(:afterName) and h.id > :afterId)
      order by lower(h.name), h.id
      """)
  List<StoredHousehold> page(String start, String afterName, UUID afterId, Limit limit);
}
