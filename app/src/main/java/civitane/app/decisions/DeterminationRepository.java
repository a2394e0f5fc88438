package civitane.app.decisions;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DeterminationRepository extends JpaRepository<StoredDetermination, UUID> {}
