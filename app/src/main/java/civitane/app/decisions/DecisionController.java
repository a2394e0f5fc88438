package civitane.app.decisions;

import civitane.app.claims.ClaimView;
import civitane.app.claims.Claims;
import civitane.app.once.OnceByKey;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Working out and deciding a claim. */
@RestController
class DecisionController {
  private final Decisions decisions;
  private final ClaimLedger ledger;
  private final Claims claims;
  private final Staff staff;

  DecisionController(Decisions decisions, ClaimLedger ledger, Claims claims, Staff staff) {
    this.decisions = decisions;
    this.ledger = ledger;
    this.claims = claims;
    this.staff = staff;
  }

  /** A value to be used from now on, with the reason, on which version of the claim. */
  record Answer(int version, String pointer, JsonNode value, String reason) {}

  /**
   * What is decided, on which version of the claim.
   *
   * @param cause whose cause it is that more was given than is due; null where nothing was
   */
  record Decision(
      int version, boolean grant, @Nullable String reason, TooMuch.@Nullable Cause cause) {}

  @GetMapping("/api/claims/{number}/working")
  @PreAuthorize(May.READ_FACTS)
  Decisions.Working working(@PathVariable String number) {
    return decisions.working(number);
  }

  /** The facts that a claim goes by: of which day of the world, and as known at the end of which day. */
  @GetMapping("/api/claims/{number}/ledger")
  @PreAuthorize(May.READ_FACTS)
  LedgerView ledger(
      @PathVariable String number,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) @Nullable
          LocalDate holdsOn,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) @Nullable
          LocalDate knownOn) {
    return ledger.of(number, holdsOn, knownOn);
  }

  /** Which number is to be shown whole. */
  record Which(String place) {}

  /** A number, whole. */
  record Whole(String number) {}

  /** A number of a person or an account, shown whole to somebody who works the claim. */
  @PostMapping("/api/claims/{number}/number")
  @PreAuthorize(May.WORK_CLAIMS)
  Whole number(@PathVariable String number, @RequestBody Which which) {
    return new Whole(ledger.number(staff.me(), number, which.place()));
  }

  @PostMapping("/api/claims/{number}/answers")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView answer(@PathVariable String number, @RequestBody Answer answer) {
    decisions.answer(
        staff.me(), number, answer.version(), answer.pointer(), answer.value(), answer.reason());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/decision")
  @OnceByKey
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView decide(@PathVariable String number, @RequestBody Decision decision) {
    decisions.decide(
        staff.me(),
        number,
        decision.version(),
        decision.grant(),
        decision.reason(),
        decision.cause());
    return claims.view(number);
  }

  /** Which version of the claim was looked at. */
  record Signed(int version) {}

  /** Why a decision goes back, on which version of the claim. */
  record SentBack(int version, String because) {}

  @PostMapping("/api/claims/{number}/second-signature")
  @OnceByKey
  @PreAuthorize(May.SIGN_SECOND)
  ClaimView sign(@PathVariable String number, @RequestBody Signed signed) {
    decisions.sign(staff.me(), number, signed.version());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/sent-back")
  @PreAuthorize(May.SIGN_SECOND)
  ClaimView sendBack(@PathVariable String number, @RequestBody SentBack back) {
    decisions.sendBack(staff.me(), number, back.version(), back.because());
    return claims.view(number);
  }

  /** Takes a decision back whose letter has not gone out. */
  @PostMapping("/api/claims/{number}/decision-taken-back")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView takeBack(@PathVariable String number, @RequestBody SentBack back) {
    decisions.takeBack(staff.me(), number, back.version(), back.because());
    return claims.view(number);
  }

  /** What the claim would come to with another value at one place; nothing of it is kept. */
  @PostMapping("/api/claims/{number}/tried")
  @PreAuthorize(May.WORK_CLAIMS)
  Tried tried(@PathVariable String number, @RequestBody Decisions.Trying trying) {
    return decisions.tried(number, trying.pointer(), trying.value());
  }

  /**
   * What a letter would tell.
   *
   * @param trying a value that is only tried; null where the facts are as they are
   * @param cause whose cause it is that more was given than is due; null where nothing was
   */
  record Preview(
      boolean grant,
      @Nullable String reason,
      Decisions.@Nullable Trying trying,
      TooMuch.@Nullable Cause cause) {}

  /** The letter as it would go out; the reason travels in the body, never in an address. */
  @PostMapping("/api/claims/{number}/letter-preview")
  @PreAuthorize(May.WORK_CLAIMS)
  ResponseEntity<byte[]> preview(@PathVariable String number, @RequestBody Preview preview) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .cacheControl(CacheControl.noStore())
        .body(decisions.preview(
            number, preview.grant(), preview.reason(), preview.trying(), preview.cause()));
  }
}
