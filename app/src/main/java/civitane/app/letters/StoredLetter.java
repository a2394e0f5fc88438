package civitane.app.letters;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A letter: ordered with what it says, then printed once; its pages never change. */
@Entity
@Table(name = "letter")
class StoredLetter {
  @Id
  private UUID id;

  private String kind;
  private String about;
  private String code;
  private String says;
  private byte @Nullable [] pdf;
  private byte @Nullable [] enclosed;
  private LocalDate writtenOn;
  private int occasion;
  private @Nullable Instant leftAt;
  private @Nullable String leftBy;
  private @Nullable UUID runId;
  private @Nullable Instant takenBackAt;
  private @Nullable Instant cameBackAt;

  @Enumerated(EnumType.STRING)
  private LetterWay way;

  private @Nullable Instant toldAt;
  private @Nullable Instant readAt;
  private @Nullable Instant missedAt;

  protected StoredLetter() {}

  StoredLetter(UUID id, LetterText text, String code, String says, LocalDate writtenOn) {
    this.id = id;
    this.kind = text.kind();
    this.about = text.about();
    this.occasion = text.occasion();
    this.way = text.way();
    this.code = code;
    this.says = says;
    this.writtenOn = writtenOn;
  }

  UUID id() {
    return id;
  }

  String about() {
    return about;
  }

  String kind() {
    return kind;
  }

  String code() {
    return code;
  }

  String says() {
    return says;
  }

  /** Whether it has neither gone out nor been taken back. */
  boolean waits() {
    return leftAt == null && takenBackAt == null;
  }

  @Nullable
  Instant leftAt() {
    return leftAt;
  }

  LetterWay way() {
    return way;
  }

  @Nullable
  Instant missedAt() {
    return missedAt;
  }

  void cameBack(Instant at) {
    cameBackAt = at;
  }

  byte @Nullable [] pdf() {
    return pdf == null ? null : pdf.clone();
  }

  byte @Nullable [] enclosed() {
    return enclosed == null ? null : enclosed.clone();
  }

  LocalDate writtenOn() {
    return writtenOn;
  }
}
