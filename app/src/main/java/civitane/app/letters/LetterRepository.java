package civitane.app.letters;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
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
      select new civitane.app.letters.Letters$ListedLetter(l.id, l.kind, l.about, l.code, l.writtenOn, l.leftAt, l.takenBackAt, l.cameBackAt, l.way, l.readAt)
      from StoredLetter l where l.about in :about order by l.writtenOn desc, l.kind
      """)
  List<Letters.ListedLetter> about(List<String> about);

  /** What waits to go one way, without its pages; what waits longest first. */
  @Query("""
      select new civitane.app.letters.LettersOut$Kept(l.id, l.kind, l.about, l.says, l.writtenOn, l.way, l.missedAt)
      from StoredLetter l where l.leftAt is null and l.takenBackAt is null and l.way in :ways
      order by l.writtenOn, l.code
      """)
  List<LettersOut.Kept> waiting(Collection<LetterWay> ways, Limit limit);

  @Query("""
      select count(l) from StoredLetter l
      where l.leftAt is null and l.takenBackAt is null and l.way <> civitane.app.letters.LetterWay.HAND
      """)
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
      update StoredLetter l set l.leftAt = :at, l.leftBy = :by, l.runId = :run, l.way = :way
      where l.id = :id and l.leftAt is null and l.takenBackAt is null
      """)
  int leave(UUID id, String by, Instant at, @Nullable UUID run, LetterWay way);

  /** What went out about some numbers and nobody was told of, is told of now. */
  @Modifying
  @Query("""
      update StoredLetter l set l.toldAt = :at
      where l.about in :about and l.leftAt is not null and l.toldAt is null
      """)
  int tell(List<String> about, Instant at);

  @Modifying
  @Query("update StoredLetter l set l.readAt = :at where l.id = :id and l.readAt is null")
  int read(UUID id, Instant at);

  /** A letter that was not read is handed over after all. */
  @Modifying
  @Query("""
      update StoredLetter l set l.readAt = :at, l.way = civitane.app.letters.LetterWay.HAND
      where l.id = :id and l.way = civitane.app.letters.LetterWay.DOOR and l.leftAt is not null and l.readAt is null
      """)
  int handOver(UUID id, Instant at);

  /** Whom it is for was found not to have got it. */
  @Modifying
  @Query("update StoredLetter l set l.missedAt = :at where l.id = :id and l.missedAt is null")
  int miss(UUID id, Instant at);

  /** What was to be read at the door, went out and is not read; what went out first, first. */
  @Query("""
      select new civitane.app.letters.LettersOut$Kept(l.id, l.kind, l.about, l.says, l.writtenOn, l.way, l.missedAt)
      from StoredLetter l
      where l.way = civitane.app.letters.LetterWay.DOOR and l.leftAt is not null and l.readAt is null
      order by l.leftAt, l.code
      """)
  List<LettersOut.Kept> unread(Limit limit);

  /**
   * What nobody has got: left for the door before a moment and not read, or written before a day to be handed over and
   * still here; each once.
   */
  @Query("""
      select new civitane.app.letters.LettersOut$Kept(l.id, l.kind, l.about, l.says, l.writtenOn, l.way, l.missedAt)
      from StoredLetter l
      where l.missedAt is null and l.readAt is null and l.takenBackAt is null and (
        l.way = civitane.app.letters.LetterWay.DOOR and l.leftAt < :leftBefore
        or l.way = civitane.app.letters.LetterWay.HAND and l.leftAt is null and l.writtenOn < :writtenBefore)
      order by l.writtenOn, l.code
      """)
  List<LettersOut.Kept> lying(Instant leftBefore, LocalDate writtenBefore, Limit limit);

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
      select new civitane.app.letters.LettersOut$Kept(l.id, l.kind, l.about, l.says, l.writtenOn, l.way, l.missedAt)
      from StoredLetter l where l.runId = :run order by l.writtenOn, l.code
      """)
  List<LettersOut.Kept> ofRun(UUID run);

  /** Keeps the pages of a letter, unless somebody else has printed it meanwhile. */
  @Modifying
  @Query(
      "update StoredLetter l set l.pdf = :pdf, l.enclosed = :enclosed where l.id = :id and l.pdf is null")
  int print(UUID id, byte[] pdf, byte @Nullable [] enclosed);
}
