package civitane.app.claims;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface EventRepository extends JpaRepository<StoredEvent, Long> {
  List<StoredEvent> findByClaimIdOrderByHappenedAtAscIdAsc(UUID claim);
}
