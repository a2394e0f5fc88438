package civitane.app.decisions;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface DeterminationRepository extends JpaRepository<StoredDetermination, UUID> {

  /** Those after one, in the order of their ids. */
  List<StoredDetermination> findByIdGreaterThanOrderById(UUID after, Limit limit);
}
