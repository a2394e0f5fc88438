package civitane.app.letters;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface LetterRepository extends JpaRepository<StoredLetter, UUID> {
  Optional<StoredLetter> findByCode(String code);

  int countByKindAndAbout(String kind, String about);

  /** A letter in a list, without its pages. */
  @Query("""
      select new civitane.app.letters.Letters$ListedLetter(l.id, l.kind, l.about, l.code, l.writtenOn, l.leftAt, l.takenBackAt, l.cameBackAt)
      from StoredLetter l where l.about in :about order by l.writtenOn desc, l.kind
      """)
  List<Letters.ListedLetter> about(List<String> about);

  /** What waits to go out, what waits longest first. */
  @Query("""
      select l from StoredLetter l where l.leftAt is null and l.takenBackAt is null
      order by l.writtenOn, l.code
      """)
  List<StoredLetter> waiting(Limit limit);

  @Query("select count(l) from StoredLetter l where l.leftAt is null and l.takenBackAt is null")
  int countWaiting();

  /** A letter goes out, unless it did meanwhile or was taken back. */
  @Modifying
  @Query("""
      update StoredLetter l set l.leftAt = :at, l.leftBy = :by, l.runId = :run
      where l.id = :id and l.leftAt is null and l.takenBackAt is null
      """)
  int leave(UUID id, String by, Instant at, @Nullable UUID run);

  /** A letter is taken back, unless it went out meanwhile. */
  @Modifying
  @Query("""
      update StoredLetter l set l.takenBackAt = :at
      where l.id = :id and l.leftAt is null and l.takenBackAt is null
      """)
  int takeBack(UUID id, Instant at);

  Optional<StoredLetter> findFirstByKindAndAboutOrderByOccasionDesc(String kind, String about);

  /** The letters of a run, in the order they are laid. */
  @Query("select l.id from StoredLetter l where l.runId = :run order by l.writtenOn, l.code")
  List<UUID> ofRun(UUID run);

  /** Keeps the pages of a letter, unless somebody else has printed it meanwhile. */
  @Modifying
  @Query("update StoredLetter l set l.pdf = :pdf where l.id = :id and l.pdf is null")
  int print(UUID id, byte[] pdf);
}
