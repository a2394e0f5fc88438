package civitane.app.letters;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface LetterRepository extends JpaRepository<StoredLetter, UUID> {
  Optional<StoredLetter> findByCode(String code);

  int countByKindAndAbout(String kind, String about);

  /** A letter in a list, without its pages. */
  @Query("""
      select new civitane.app.letters.Letters$ListedLetter(l.id, l.kind, l.about, l.code, l.writtenOn)
      from StoredLetter l where l.about in :about order by l.writtenOn desc, l.kind
      """)
  List<Letters.ListedLetter> about(List<String> about);

  /** Keeps the pages of a letter, unless somebody else has printed it meanwhile. */
  @Modifying
  @Query("update StoredLetter l set l.pdf = :pdf where l.id = :id and l.pdf is null")
  int print(UUID id, byte[] pdf);
}
