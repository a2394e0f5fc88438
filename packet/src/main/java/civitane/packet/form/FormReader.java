package civitane.packet.form;

import civitane.core.rules.Entitlement;
import civitane.core.services.Services;
import civitane.packet.Fault;
import civitane.packet.PacketReader;
import civitane.packet.PacketShape;
import civitane.words.Language;
import civitane.words.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.pdmodel.interactive.form.PDTerminalField;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Reads a fillable PDF that came back, whatever its file is called, and reports every fault of it. */
public final class FormReader {
  private static final int MOST_BYTES = 15_000_000;
  private static final String ANOTHER = "a form of this office that was filled in and saved";

  private final PacketReader packets;

  public FormReader(PacketReader packets) {
    this.packets = packets;
  }

  /** The packet a form makes, or what is wrong with it; one of the two. */
  public record Reading(@Nullable ObjectNode packet, List<FormFault> faults, Kind kind) {

    /** What the file is. */
    public enum Kind {
      FORM,
      /** None of our forms, at least not with its fields: it may be a scan of one. */
      NONE,
      /** Not to be opened at all. */
      REFUSED
    }

    static Reading refused(String message, String expected) {
      return new Reading(null, List.of(new FormFault("the file", message, expected)), Kind.REFUSED);
    }

    static Reading none(String message) {
      return new Reading(null, List.of(new FormFault("the file", message, ANOTHER)), Kind.NONE);
    }

    public boolean isForm() {
      return kind == Kind.FORM;
    }

    public boolean isRefused() {
      return kind == Kind.REFUSED;
    }
  }

  public Reading read(byte[] pdf, LocalDate on) {
    if (pdf.length > MOST_BYTES) {
      return Reading.refused("it is larger than 15 MB", "a file of up to 15 MB");
    }
    if (!startsAsPdf(pdf)) {
      return Reading.none("it is no PDF");
    }
    try (var document = Loader.loadPDF(pdf)) {
      if (document.isEncrypted()) {
        return Reading.refused("it is encrypted", "the form without a password");
      }
      if (isActive(document)) {
        return Reading.refused(
            "it holds a script", "the form as it was downloaded, without scripts");
      }
      return read(document, on);
    } catch (InvalidPasswordException e) {
      return Reading.refused("it is encrypted", "the form without a password");
    } catch (IOException | RuntimeException e) {
      return Reading.none("it can't be read as a PDF");
    }
  }

  private static boolean startsAsPdf(byte[] pdf) {
    return new String(pdf, 0, Math.min(pdf.length, 1024), StandardCharsets.ISO_8859_1)
        .contains("%PDF-");
  }

  private static boolean isActive(PDDocument document) throws IOException {
    var catalog = document.getDocumentCatalog();
    var names = catalog.getNames();
    return catalog.getOpenAction() != null
        || catalog.getCOSObject().containsKey(COSName.AA)
        || names != null && names.getJavaScript() != null;
  }

  private Reading read(PDDocument document, LocalDate on) {
    var form = document.getDocumentCatalog().getAcroForm();
    var marker = form == null ? null : form.getField(FormWriter.MARKER);
    Optional<Entitlement<?>> service =
        marker == null ? Optional.empty() : Services.named(marker.getValueAsString());
    if (service.isEmpty()) {
      return Reading.none("it is none of our forms");
    }
    Map<String, String> written = new LinkedHashMap<>();
    for (var field : form.getFieldTree()) {
      if (field instanceof PDTerminalField) {
        var text = field.getValueAsString();
        if (text != null && !text.isBlank() && !text.equals("[]")) {
          written.put(field.getFullyQualifiedName(), unwrapped(text).strip());
        }
      }
    }
    return read(
        service.get(), written, on, Language.of(document.getDocumentCatalog().getLanguage()));
  }

  /** A chosen option is told as a list of one. */
  private static String unwrapped(String text) {
    return text.startsWith("[") && text.endsWith("]") ? text.substring(1, text.length() - 1) : text;
  }

  private Reading read(
      Entitlement<?> service, Map<String, String> written, LocalDate on, Language language) {
    var filled = new FilledForm(service, on, language);
    for (var section : FormLayout.of(service, on, Words.in(Language.EN))) {
      for (var row : section.rows()) {
        for (var field : row) {
          var text = written.remove(field.name());
          if (text != null) {
            filled.put(section.title(), field, text);
          }
        }
      }
    }
    // Quarters of another year than this one's are answers all the same.
    written.forEach(filled::putElsewhere);
    var packet = filled.packet();
    var faults = new ArrayList<>(filled.faults());
    for (var fault : packets.read(bytes(packet)).faults()) {
      if (!fault.pointer().equals("/format") && !filled.isUnread(fault.pointer())) {
        faults.add(placed(fault, filled));
      }
    }
    return faults.isEmpty()
        ? new Reading(packet, List.of(), Reading.Kind.FORM)
        : new Reading(null, List.copyOf(faults), Reading.Kind.FORM);
  }

  /**
   * What was read off a form whose fields are gone, as far as it can be.
   *
   * @param places the pointers of what was read
   * @param unread the fields of which what stands there can't be it
   */
  public record Printed(ObjectNode packet, Set<String> places, List<FormFault> unread) {}

  /** A packet in the making from what stands in the fields of a printed form. */
  public Printed printed(
      Entitlement<?> service, Map<String, String> written, LocalDate on, Language language) {
    var filled = new FilledForm(service, on, language);
    for (var section : FormLayout.of(service, on, Words.in(Language.EN))) {
      for (var row : section.rows()) {
        for (var field : row) {
          var text = written.get(field.name());
          if (text != null) {
            filled.put(section.title(), field, text);
          }
        }
      }
    }
    return new Printed(filled.packet(), filled.pointers(), List.copyOf(filled.faults()));
  }

  private static FormFault placed(Fault fault, FilledForm filled) {
    return new FormFault(filled.place(fault.pointer()), fault.message(), fault.expected());
  }

  private static byte[] bytes(JsonNode packet) {
    return packet.toString().getBytes(StandardCharsets.UTF_8);
  }

  /** The version of packets that forms make. */
  static int version() {
    return PacketShape.VERSION;
  }
}
