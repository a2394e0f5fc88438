package civitane.app.decisions;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DecisionRepository extends JpaRepository<StoredDecision, UUID> {
  Optional<StoredDecision> findByClaimId(UUID claim);
}
