package civitane.app.households;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface HouseholdRepository extends JpaRepository<StoredHousehold, UUID> {

  /**
   * Households whose name begins so, in the order of their letters.
   *
   * @param from the name of the last one that is known, else the beginning itself: one bound, so that the index is read
   *     from there
   */
  @Query(nativeQuery = true, value = """
      select * from household
      where (lower(name) collate "C", id) > (lower(:from), :afterId)
        and lower(name) collate "C" < lower(:start) || chr(1114111)
      order by lower(name) collate "C", id
      limit :most
      """)
  List<StoredHousehold> page(String start, String from, UUID afterId, int most);
}
