package civitane.app.decisions;

import civitane.app.money.Debts;
import civitane.app.once.OnceByKey;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What becomes of what a household owes. */
@RestController
class DebtController {
  private final Overpaying overpaying;
  private final Debts debts;
  private final Staff staff;

  DebtController(Overpaying overpaying, Debts debts, Staff staff) {
    this.overpaying = overpaying;
    this.debts = debts;
    this.staff = staff;
  }

  /** @param amount how much is not asked back, in euros */
  record LetOff(BigDecimal amount, String because) {}

  /** Does not ask for a debt, or for a part of it. */
  @PostMapping("/api/households/{household}/debts/{ref}/let-off")
  @OnceByKey
  @PreAuthorize(May.SIGN_SECOND)
  List<Debts.Debt> letOff(
      @PathVariable UUID household, @PathVariable String ref, @RequestBody LetOff letOff) {
    overpaying.letOff(staff.me(), household, ref, letOff.amount(), letOff.because());
    return debts.of(household);
  }
}
