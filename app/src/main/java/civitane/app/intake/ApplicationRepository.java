package civitane.app.intake;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface ApplicationRepository extends JpaRepository<ApplicationRecord, UUID> {
  List<ApplicationRecord> findByStateOrderByUpdatedAtDescIdAsc(String state, Limit limit);
}
