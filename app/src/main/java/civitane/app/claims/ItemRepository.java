package civitane.app.claims;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ItemRepository extends JpaRepository<StoredItem, Long> {
  List<StoredItem> findByClaimIdInAndOpenOrderById(Collection<UUID> claims, boolean open);
}
