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

  /** What waits to go out, without its pages; what waits longest first. */
  @Query("""
      select new civitane.app.letters.LettersOut$Kept(l.id, l.kind, l.about, l.says, l.writtenOn)
      from StoredLetter l where l.leftAt is null and l.takenBackAt is null
      order by l.writtenOn, l.code
      """)
  List<LettersOut.Kept> waiting(Limit limit);

  @Query("select count(l) from StoredLetter l where l.leftAt is null and l.takenBackAt is null")
  int countWaiting();

  /** Whether the last letter of a kind about a number waits. */
  @Query("""
      select count(l) > 0 from StoredLetter l
      where l.kind = :kind and l.about = :about and l.leftAt is null and l.takenBackAt is null
        and l.occasion = (
          select max(o.occasion) from StoredLetter o where o.kind = :kind and o.about = :about)
      """)
  boolean waits(String kind, String about);

  /** A letter goes out, unless it did meanwhile or was taken back. */
  @Modifying
  @Query("""
      update StoredLetter l set l.leftAt = :at, l.leftBy = :by, l.runId = :run
      where l.id = :id and l.leftAt is null and l.takenBackAt is null
      """)
  int leave(UUID id, String by, Instant at, @Nullable UUID run);

  /** The last letter of a kind about a number is taken back, unless it went out meanwhile. */
  @Modifying
  @Query("""
      update StoredLetter l set l.takenBackAt = :at
      where l.kind = :kind and l.about = :about and l.leftAt is null and l.takenBackAt is null
        and l.occasion = (
          select max(o.occasion) from StoredLetter o where o.kind = :kind and o.about = :about)
      """)
  int takeBack(String kind, String about, Instant at);

  /** The letters of a run, without their pages, in the order they are laid. */
  @Query("""
      select new civitane.app.letters.LettersOut$Kept(l.id, l.kind, l.about, l.says, l.writtenOn)
      from StoredLetter l where l.runId = :run order by l.writtenOn, l.code
      """)
  List<LettersOut.Kept> ofRun(UUID run);

  /** Keeps the pages of a letter, unless somebody else has printed it meanwhile. */
  @Modifying
  @Query(
      "update StoredLetter l set l.pdf = :pdf, l.enclosed = :enclosed where l.id = :id and l.pdf is null")
  int print(UUID id, byte[] pdf, byte @Nullable [] enclosed);
}
