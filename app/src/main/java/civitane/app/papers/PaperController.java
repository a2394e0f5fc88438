package civitane.app.papers;

import civitane.app.problems.Problem;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.core.facts.Paper;
import civitane.core.facts.PaperFault;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Payslip;
import civitane.core.facts.Vocabulary;
import civitane.core.money.Amount;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.math.BigDecimal;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Papers as they come, are looked at and read. */
@RestController
class PaperController {
  private static final int LONGEST_NAME = 200;
  private static final int LONGEST_REMARK = 1_000;

  private final Papers papers;
  private final Bringing bringing;
  private final PaperRows rows;
  private final SheetRows sheets;
  private final ShownFacts shown;
  private final Staff staff;

  PaperController(
      Papers papers,
      Bringing bringing,
      PaperRows rows,
      SheetRows sheets,
      ShownFacts shown,
      Staff staff) {
    this.papers = papers;
    this.bringing = bringing;
    this.rows = rows;
    this.sheets = sheets;
    this.shown = shown;
    this.staff = staff;
  }

  @GetMapping("/api/claims/{number}/papers")
  @PreAuthorize(May.READ_FACTS)
  PaperView.Papers papers(@PathVariable String number) {
    return papers.of(number);
  }

  /** What a paper of a kind can show of the claim's facts, beside what was said of them. */
  @GetMapping("/api/claims/{number}/papers/{id}/facts")
  @PreAuthorize(May.READ_FACTS)
  List<ShownFacts.PaperShows> paperFacts(
      @PathVariable String number,
      @PathVariable UUID id,
      @RequestParam String kind,
      @RequestParam(required = false) @Nullable String person,
      @RequestParam(required = false) @Nullable String income) {
    return shown.of(number, id, kind(kind), person, income);
  }

  /** The paper that was taken. */
  record Taken(UUID id) {}

  /**
   * Takes a file. How it is to be filed stands in the head of the request, so that no name stands in an address:
   * {@code X-Paper-Kind}, {@code -Item}, {@code -Person}, {@code -Income}, and, written as in an address,
   * {@code -Name} and {@code -Remark}.
   */
  @PostMapping(
      value = "/api/claims/{number}/papers",
      consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @PreAuthorize(May.TAKE_APPLICATIONS)
  Taken take(@PathVariable String number, HttpServletRequest request) throws IOException {
    var by = staff.me();
    // Asked for before the file is read: nobody sends 15 MB to a claim that is not there.
    papers.of(number);
    var filing = filing(request);
    if (request.getContentLengthLong() > Incoming.MOST_BYTES) {
      throw Problem.wrong(
          "The file is larger than 15 MB. Scan it less finely, or in several files.");
    }
    return new Taken(bringing.bring(by.actor(), number, request.getInputStream(), filing));
  }

  private static Papers.Filing filing(HttpServletRequest request) {
    var item = head(request, "Item", LONGEST_NAME);
    try {
      return Papers.Filing.brought(
          item == null ? null : Integer.valueOf(item),
          kind(Optional.ofNullable(head(request, "Kind", LONGEST_NAME)).orElse("other")),
          head(request, "Person", LONGEST_NAME),
          head(request, "Income", LONGEST_NAME),
          Optional.ofNullable(head(request, "Name", LONGEST_NAME)).orElse(""),
          Optional.ofNullable(head(request, "Remark", LONGEST_REMARK)).orElse(""));
    } catch (IllegalArgumentException e) {
      throw Problem.wrong(
          "X-Paper-Item is the number of an item of the claim, as in 3; texts are written as in an address.");
    }
  }

  /** A text in the head of a request; null where there is none. */
  static @Nullable String head(HttpServletRequest request, String name) {
    return head(request, name, LONGEST_NAME);
  }

  private static @Nullable String head(HttpServletRequest request, String name, int longest) {
    var written = request.getHeader("X-Paper-" + name);
    if (written == null || written.isBlank()) {
      return null;
    }
    var text = URLDecoder.decode(written, StandardCharsets.UTF_8)
        .replaceAll("\\p{Cntrl}", " ")
        .strip();
    return text.substring(0, Math.min(longest, text.length()));
  }

  static PaperKind kind(String word) {
    if (Vocabulary.of(PaperKind.class).byWord().get(word) instanceof PaperKind kind) {
      return kind;
    }
    throw Problem.wrong("That is no kind of paper that is known here.");
  }

  /** What was read off a paper, and the verdict. */
  record ReadPaper(
      int version,
      String kind,
      @Nullable String person,
      @Nullable String income,
      @Nullable LocalDate issuedOn,
      @Nullable LocalDate expiresOn,
      @Nullable String nameOnPaper,
      @Nullable LocalDate birthDateOnPaper,
      @Nullable String addressOnPaper,
      @Nullable List<String> mrz,
      @Nullable LocalDate periodEnd,
      @Nullable BigDecimal gross,
      @Nullable LocalDate coversFrom,
      @Nullable LocalDate coversUntil,
      @Nullable UUID replaces,
      @Nullable List<ShownFacts.Shown> shown,
      List<String> faults,
      boolean nameAccepted,
      String because) {
    private Papers.Reading reading() {
      return new Papers.Reading(
          version,
          new Paper(
              PaperController.kind(kind),
              person,
              income,
              null,
              issued(),
              expiresOn,
              blank(nameOnPaper),
              null,
              birthDateOnPaper,
              blank(addressOnPaper),
              mrz == null ? List.of() : mrz,
              false,
              null,
              replaces == null ? null : replaces.toString(),
              null,
              coversFrom,
              coversUntil),
          faults.stream().map(PaperController::fault).toList(),
          nameAccepted,
          because,
          periodEnd == null || gross == null
              ? null
              : new Payslip(periodEnd, Amount.of(gross.toPlainString())),
          shown == null ? List.of() : shown);
    }

    /** A payslip is issued once its period is over: the first day that it can be of. */
    private @Nullable LocalDate issued() {
      return issuedOn == null && PaperKind.PAYSLIP.word().equals(kind) ? periodEnd : issuedOn;
    }

    private static @Nullable String blank(@Nullable String text) {
      return text == null || text.isBlank() ? null : text.strip();
    }
  }

  private static PaperFault fault(String word) {
    if (Vocabulary.of(PaperFault.class).byWord().get(word) instanceof PaperFault fault) {
      return fault;
    }
    throw Problem.wrong("That is no reason to give a paper back that is known here.");
  }

  @PostMapping("/api/claims/{number}/papers/{id}/read")
  @PreAuthorize(May.WORK_CLAIMS)
  PaperView.Papers read(
      @PathVariable String number, @PathVariable UUID id, @RequestBody ReadPaper read) {
    papers.read(staff.me(), number, id, read.reading());
    return papers.of(number);
  }

  /** @param page of the paper, from 0 */
  @GetMapping("/api/papers/{id}/pages/{page}")
  @PreAuthorize(May.READ_FACTS)
  ResponseEntity<byte[]> page(@PathVariable UUID id, @PathVariable int page) {
    papers.look(staff.me(), id);
    return picture(sheet(id, page), false);
  }

  @GetMapping("/api/papers/{id}/small/{page}")
  @PreAuthorize(May.READ_FACTS)
  ResponseEntity<byte[]> small(@PathVariable UUID id, @PathVariable int page) {
    return picture(sheet(id, page), true);
  }

  private Sheet sheet(UUID id, int page) {
    var all = sheets.of(id);
    if (page < 0 || page >= all.size()) {
      throw Problem.notThere("The page");
    }
    return all.get(page);
  }

  private ResponseEntity<byte[]> picture(Sheet sheet, boolean small) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.noStore())
        .body(rows.page(sheet.hash(), sheet.page(), small));
  }

  /** The file as it came, that of the first page: to be kept by the browser, never to be opened in it. */
  @GetMapping("/api/papers/{id}/file")
  @PreAuthorize(May.WORK_CLAIMS)
  ResponseEntity<StreamingResponseBody> file(@PathVariable UUID id) {
    papers.look(staff.me(), id);
    var hash = sheet(id, 0).hash();
    var file = rows.file(hash).orElseThrow(() -> Problem.notThere("The file"));
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("paper" + Sifting.ending(file.mediaType()))
                .build()
                .toString())
        .cacheControl(CacheControl.noStore())
        .body(to -> rows.write(hash, to));
  }
}
