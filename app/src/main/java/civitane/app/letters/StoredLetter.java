package civitane.app.letters;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
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
  private LocalDate writtenOn;
  private int occasion;

  protected StoredLetter() {}

  StoredLetter(UUID id, LetterText text, String code, String says, LocalDate writtenOn) {
    this.id = id;
    this.kind = text.kind();
    this.about = text.about();
    this.occasion = text.occasion();
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

  byte @Nullable [] pdf() {
    return pdf == null ? null : pdf.clone();
  }

  LocalDate writtenOn() {
    return writtenOn;
  }
}
