package civitane.app.overview;

import civitane.app.access.LookedAt;
import civitane.app.households.Households;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.time.Clock;
import java.time.Instant;
import java.time.YearMonth;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Who looked at what, for the auditor and for seniors. */
@RestController
class LookedAtController {
  private final LookedAt lookedAt;
  private final Households households;
  private final Staff staff;
  private final Clock clock;

  LookedAtController(LookedAt lookedAt, Households households, Staff staff, Clock clock) {
    this.lookedAt = lookedAt;
    this.households = households;
    this.staff = staff;
    this.clock = clock;
  }

  /** Somebody who looked at something of a household. */
  record OneLook(Instant at, String who, String what, UUID household, String householdName) {}

  /** Somebody who looked at unusually many households within an hour. */
  record ManyLooks(String who, Instant hour, int households) {}

  /**
   * The looks of a month, the newest first and no more than 500, and what was unusual.
   *
   * @param theirOwn looks at households that have the family name or live in the street of who looked
   */
  record Looks(
      YearMonth month, List<ManyLooks> unusual, List<OneLook> theirOwn, List<OneLook> looks) {}

  @GetMapping("/api/looks")
  @PreAuthorize(May.SEE_LOOKS)
  Looks looks(@RequestParam(required = false) @Nullable YearMonth month) {
    var asked = month == null ? YearMonth.now(clock) : month;
    var looks = lookedAt.in(asked);
    var theirOwn = lookedAt.ofTheirOwn(asked);
    var names = households.named(Stream.concat(looks.stream(), theirOwn.stream())
        .map(LookedAt.Look::household)
        .distinct()
        .toList());
    Function<LookedAt.Look, OneLook> told = one -> new OneLook(
        one.at(),
        staff.nameOf(one.login()),
        one.what(),
        one.household(),
        names.containsKey(one.household()) ? names.get(one.household()).name() : "");
    return new Looks(
        asked,
        lookedAt.many(asked).stream()
            .map(one -> new ManyLooks(staff.nameOf(one.login()), one.hour(), one.households()))
            .toList(),
        theirOwn.stream().map(told).toList(),
        looks.stream().map(told).toList());
  }
}
