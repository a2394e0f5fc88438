package civitane.app.claims;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface EventRepository extends JpaRepository<EventRecord, Long> {
  List<EventRecord> findByClaimIdInOrderByHappenedAtAscIdAsc(Collection<UUID> claims);
}
