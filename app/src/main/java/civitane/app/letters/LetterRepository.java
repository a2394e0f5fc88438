package civitane.app.letters;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LetterRepository extends JpaRepository<StoredLetter, UUID> {
  Optional<StoredLetter> findByCode(String code);

  List<StoredLetter> findByAboutInOrderByWrittenOnDesc(List<String> about);
}
