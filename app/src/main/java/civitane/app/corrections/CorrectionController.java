package civitane.app.corrections;

import civitane.app.claims.ClaimView;
import civitane.app.claims.Claims;
import civitane.app.once.OnceByKey;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.time.LocalDate;
import java.util.List;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Asking a household for what it is to bring or to put right. */
@RestController
class CorrectionController {
  private final Corrections corrections;
  private final PuttingRight puttingRight;
  private final Claims claims;
  private final Staff staff;

  CorrectionController(
      Corrections corrections, PuttingRight puttingRight, Claims claims, Staff staff) {
    this.corrections = corrections;
    this.puttingRight = puttingRight;
    this.claims = claims;
    this.staff = staff;
  }

  /**
   * Something that is asked for.
   *
   * @param settles what would settle it, in the caseworker's words; empty where that is plain
   */
  record AskedItem(int item, String settles) {}

  /** A letter that asks. */
  record AskingLetter(int version, List<AskedItem> items, LocalDate until) {
    Corrections.ToAsk toAsk() {
      var asked = new TreeMap<Integer, String>();
      items.forEach(one -> asked.put(one.item(), one.settles()));
      return new Corrections.ToAsk(asked, until);
    }
  }

  /** What is found wrong with a fact, by where it stands. */
  record FoundWrong(int version, String pointer, Finding finding) {}

  /** That something is right as it is, and who said so. */
  record RightAsItIs(int version, String because) {}

  /**
   * What the household says otherwise now, as it was told to the office.
   *
   * @param value as it is typed
   * @param told who told it and how
   */
  record ToldOtherwise(int version, String value, String told) {}

  /** @param again why it is asked again; null where it settles what was asked */
  record LookedAt(int version, @Nullable Finding again) {}

  @GetMapping("/api/claims/{number}/correction")
  @PreAuthorize(May.READ_FACTS)
  CorrectionView correction(@PathVariable String number) {
    return corrections.view(number);
  }

  @PostMapping("/api/claims/{number}/correction")
  @OnceByKey
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView ask(@PathVariable String number, @RequestBody AskingLetter letter) {
    corrections.ask(staff.me(), number, letter.version(), letter.toAsk());
    return claims.view(number);
  }

  /** The letter as it would go out. */
  @PostMapping("/api/claims/{number}/correction-preview")
  @PreAuthorize(May.WORK_CLAIMS)
  ResponseEntity<byte[]> previewCorrection(
      @PathVariable String number, @RequestBody AskingLetter letter) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .cacheControl(CacheControl.noStore())
        .body(corrections.preview(number, letter.toAsk()));
  }

  @PostMapping("/api/claims/{number}/found-wrong")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView find(@PathVariable String number, @RequestBody FoundWrong found) {
    corrections.find(staff.me(), number, found.version(), found.pointer(), found.finding());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/items/{item}/right-as-it-is")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView confirm(
      @PathVariable String number, @PathVariable int item, @RequestBody RightAsItIs right) {
    corrections.confirm(staff.me(), number, right.version(), item, right.because());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/items/{item}/put-right")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView putRight(
      @PathVariable String number, @PathVariable int item, @RequestBody ToldOtherwise told) {
    puttingRight.tellByWord(staff.me(), number, told.version(), item, told.value(), told.told());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/items/{item}/looked-at")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView lookAt(
      @PathVariable String number, @PathVariable int item, @RequestBody LookedAt looked) {
    puttingRight.lookAt(staff.me(), number, looked.version(), item, looked.again());
    return claims.view(number);
  }
}
