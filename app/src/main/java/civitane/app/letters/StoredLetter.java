package civitane.app.letters;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

/** A letter as it went out; it never changes. */
@Entity
@Table(name = "letter")
class StoredLetter {
  @Id
  private UUID id;

  private String kind;
  private String about;
  private String code;
  private byte[] pdf;
  private LocalDate writtenOn;

  protected StoredLetter() {}

  StoredLetter(UUID id, String kind, String about, String code, byte[] pdf, LocalDate writtenOn) {
    this.id = id;
    this.kind = kind;
    this.about = about;
    this.code = code;
    this.pdf = pdf.clone();
    this.writtenOn = writtenOn;
  }

  UUID id() {
    return id;
  }

  String kind() {
    return kind;
  }

  String code() {
    return code;
  }

  byte[] pdf() {
    return pdf.clone();
  }

  LocalDate writtenOn() {
    return writtenOn;
  }
}
