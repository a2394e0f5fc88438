package civitane.app.finding;

import civitane.app.access.Guard;
import civitane.app.audit.AuditLog;
import civitane.app.catalogue.Catalogue;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.households.Households;
import civitane.app.households.KnownPeople;
import civitane.app.staff.Staff;
import civitane.core.matching.Sought;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds people by their names, phones, addresses or the last digits of their number, with their households' claims. */
@Service
class Finder {
  private final KnownPeople people;
  private final Households households;
  private final Claims claims;
  private final ClaimLists claimLists;
  private final Guard guard;
  private final AuditLog audit;

  Finder(
      KnownPeople people,
      Households households,
      Claims claims,
      ClaimLists claimLists,
      Guard guard,
      AuditLog audit) {
    this.people = people;
    this.households = households;
    this.claims = claims;
    this.claimLists = claimLists;
    this.guard = guard;
    this.audit = audit;
  }

  /** A claim of the household of somebody who was found. */
  record FoundClaim(String number, String title, String state, LocalDate lodgedOn) {}

  /**
   * Somebody who was found.
   *
   * @param household who applies there, where that is somebody else
   * @param id of the household
   */
  record FoundPerson(
      String name,
      @Nullable LocalDate birthDate,
      @Nullable String address,
      @Nullable String household,
      UUID id,
      List<FoundClaim> claims) {}

  /**
   * Those who were found.
   *
   * @param restricted whether somebody fits, too, whom only named people see
   */
  record FoundPeople(List<FoundPerson> people, boolean restricted) {}

  /** Those who fit best; that somebody was looked for is noted, not who. */
  @Transactional
  FoundPeople find(Staff.Colleague by, String typed) {
    var all = people.found(Sought.words(typed));
    var hidden = guard.hiddenFrom(by);
    var found = all.stream().filter(one -> !hidden.contains(one.household())).toList();
    return new FoundPeople(people(by, found), found.size() < all.size());
  }

  private List<FoundPerson> people(Staff.Colleague by, List<KnownPeople.Found> found) {
    var names = households.named(
        found.stream().map(KnownPeople.Found::household).distinct().toList());
    audit.record(by.login(), "people sought", "finder", String.valueOf(found.size()));
    return found.stream()
        .map(one -> {
          var applicant = names.get(one.household());
          var isApplicant = applicant != null && applicant.name().equals(one.name());
          return new FoundPerson(
              one.name(),
              one.birthDate(),
              one.line1() == null ? null : one.line1() + ", " + one.postcode(),
              isApplicant || applicant == null ? null : applicant.name(),
              one.household(),
              claimLists.listed(one.household()).stream()
                  .filter(claim -> isApplicant || !claims.isPrivate(claim.number()))
                  .map(claim -> new FoundClaim(
                      claim.number(),
                      Catalogue.title(claim.service()),
                      claim.state(),
                      claim.lodgedOn()))
                  .toList());
        })
        // Of those who fit alike, who applies comes before who lives there.
        .sorted(Comparator.comparing(person -> person.household() != null))
        .toList();
  }
}
