package civitane.app.decisions;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DecisionRepository extends JpaRepository<DecisionRecord, UUID> {
  Optional<DecisionRecord> findByClaimId(UUID claim);
}
