package civitane.app.copies;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.decisions.Decisions;
import civitane.app.drafts.Applications;
import civitane.app.letters.Letters;
import civitane.app.papers.KeptFile;
import civitane.app.papers.Papers;
import civitane.app.signing.OfficeKey;
import civitane.app.staff.Staff;
import civitane.packet.PacketWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Copies of a claim: its facts, its record, its working, its letters and papers, with a signed list of their hashes and a
 * page that checks it.
 */
@Service
class Copies {
  private static final String PAGE = "/copies/look.html";

  private final Claims claims;
  private final Decisions decisions;
  private final Letters letters;
  private final Papers papers;
  private final OfficeKey key;
  private final AuditLog audit;
  private final JsonMapper json;
  private final Clock clock;

  Copies(
      Claims claims,
      Decisions decisions,
      Letters letters,
      Papers papers,
      OfficeKey key,
      AuditLog audit,
      JsonMapper json,
      Clock clock) {
    this.claims = claims;
    this.decisions = decisions;
    this.letters = letters;
    this.papers = papers;
    this.key = key;
    this.audit = audit;
    this.json = json;
    this.clock = clock;
  }

  /** What is copied, as it stood together at one moment; pages are written afterwards, for they do not change. */
  record Copied(
      String number,
      byte[] facts,
      byte[] claim,
      byte[] working,
      List<Letters.ListedLetter> letters,
      List<KeptFile> papers) {}

  /** What the hashes are of. */
  private record Listed(String of, Instant copiedAt, List<Bundle.Hashed> files) {}

  /** What a claim is made of, for who has it; that it was copied is noted. */
  @Transactional
  Copied of(Staff.Colleague by, String number) {
    claims.mine(by, number);
    // Whoever has no key learns it before anything is written.
    key.sign(new byte[0]);
    audit.record(by.login(), "claim copied", number, "");
    return copied(
        number, json.readTree(PacketWriter.written(claims.facts(number).packet())));
  }

  /** @param facts of them, as they are to be in it */
  Copied copied(String number, JsonNode facts) {
    return new Copied(
        number,
        pretty(facts),
        pretty(json.valueToTree(claims.view(number))),
        pretty(json.valueToTree(decisions.working(number))),
        letters.about(List.of(number, Applications.receiptOf(number))),
        papers.files(number));
  }

  byte[] pretty(JsonNode tree) {
    return json.writerWithDefaultPrettyPrinter().writeValueAsBytes(tree);
  }

  /** Writes a copy; nothing is held in the database while it goes over the wire. */
  void write(Staff.Colleague by, Copied copied, OutputStream to) throws IOException {
    try (var bundle = new Bundle(to)) {
      add(by, copied, "", bundle);
      sign(bundle, "claim " + copied.number());
    }
  }

  /** Puts the files of a claim into a bundle, in a folder whose name ends with a slash, or in none. */
  void add(Staff.Colleague by, Copied copied, String folder, Bundle bundle) throws IOException {
    bundle.add(folder + "facts.json", copied.facts());
    bundle.add(folder + "claim.json", copied.claim());
    bundle.add(folder + "working.json", copied.working());
    for (var i = 0; i < copied.letters().size(); i++) {
      var letter = copied.letters().get(i);
      bundle.add(
          folder + "letters/%02d-%s-%s.pdf".formatted(i + 1, letter.kind(), letter.writtenOn()),
          letters.pdf(by.actor(), letter.id()));
    }
    for (var i = 0; i < copied.papers().size(); i++) {
      var paper = copied.papers().get(i);
      bundle.add(
          folder + "papers/%02d-%s%s".formatted(i + 1, paper.kind(), paper.ending()),
          out -> papers.write(paper, out));
    }
  }

  /** Puts the list of hashes in, signed, and the page that checks it. */
  void sign(Bundle bundle, String what) throws IOException {
    var list = pretty(json.valueToTree(new Listed(what, clock.instant(), bundle.hashes())));
    bundle.add("hashes.json", list);
    bundle.add("hashes.sig", key.sign(list).getBytes(StandardCharsets.US_ASCII));
    bundle.add("key.txt", key.told().orElseThrow().getBytes(StandardCharsets.US_ASCII));
    bundle.add("look.html", page());
  }

  private static byte[] page() throws IOException {
    try (var page = Copies.class.getResourceAsStream(PAGE)) {
      return page.readAllBytes();
    }
  }
}
