package civitane.app.households;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface HouseholdRepository extends JpaRepository<StoredHousehold, UUID> {

  /** Households whose name begins so, in the order of their letters, after a name and id. */
  @Query(nativeQuery = true, value = """
      select * from household
      where lower(name) collate "C" >= lower(:start) and lower(name) collate "C" < lower(:start) || chr(1114111)
        and (lower(name) collate "C", id) > (lower(:afterName), :afterId)
      order by lower(name) collate "C", id
      limit :most
      """)
  List<StoredHousehold> page(String start, String afterName, UUID afterId, int most);
}
