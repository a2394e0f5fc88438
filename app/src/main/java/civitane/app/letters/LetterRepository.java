package civitane.app.letters;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LetterRepository extends JpaRepository<LetterRecord, UUID> {
  Optional<LetterRecord> findByCode(String code);

  List<LetterRecord> findByAboutInOrderByWrittenOnDesc(List<String> about);
}
