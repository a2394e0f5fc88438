package civitane.app.drafts;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ApplicationRepository extends JpaRepository<StoredApplication, UUID> {

  /** The application, held until the change is done, so that of two changes one comes after the other. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select a from StoredApplication a where a.id = :id")
  Optional<StoredApplication> hold(UUID id);

  List<StoredApplication> findByStateOrderByUpdatedAtDescIdAsc(String state, Limit limit);
}
