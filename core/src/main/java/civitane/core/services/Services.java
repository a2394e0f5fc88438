package civitane.core.services;

import civitane.core.facts.Household;
import civitane.core.facts.Request;
import civitane.core.rules.Entitlement;
import civitane.core.services.childdental.ChildDental;
import civitane.core.services.clearrecord.ClearRecord;
import civitane.core.services.decisionappeal.DecisionAppeal;
import civitane.core.services.disabilityallowance.DisabilityAllowance;
import civitane.core.services.estateauthority.EstateAuthority;
import civitane.core.services.homepaymentrelief.HomePaymentRelief;
import civitane.core.services.householdallowance.HouseholdAllowance;
import civitane.core.services.housinglist.HousingList;
import civitane.core.services.identitycheck.IdentityCheck;
import civitane.core.services.legaladvice.LegalAdvice;
import civitane.core.services.namechange.NameChange;
import civitane.core.services.paidleave.PaidLeave;
import civitane.core.services.paymentarrangement.PaymentArrangement;
import civitane.core.services.rentrelief.RentRelief;
import civitane.core.services.schoolmeals.SchoolMeals;
import civitane.core.services.studyadjustments.StudyAdjustments;
import civitane.core.services.taxpayernumber.TaxpayerNumber;
import civitane.core.services.valuereview.ValueReview;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Everything a household can ask for. To add a service is to add its package and its line here. */
public final class Services {
  private static final List<Entitlement<?>> ALL = List.of(
      new HouseholdAllowance(),
      new RentRelief(),
      new HomePaymentRelief(),
      new ChildDental(),
      new DisabilityAllowance(),
      new LegalAdvice(),
      new StudyAdjustments(),
      new PaidLeave(),
      new SchoolMeals(),
      new HousingList(),
      new ValueReview(),
      new DecisionAppeal(),
      new PaymentArrangement(),
      new ClearRecord(),
      new NameChange(),
      new EstateAuthority(),
      new TaxpayerNumber(),
      new IdentityCheck());

  private static final Map<String, Entitlement<?>> BY_WORD = byWord();

  private Services() {}

  private static Map<String, Entitlement<?>> byWord() {
    var map = new LinkedHashMap<String, Entitlement<?>>();
    ALL.forEach(service -> map.put(service.word(), service));
    return map;
  }

  public static List<Entitlement<?>> all() {
    return ALL;
  }

  /** Whether a request of a household is for who makes it alone. */
  public static boolean isPrivate(Request request, Household household) {
    return isPrivate(named(request.service()).orElseThrow(), request, household);
  }

  private static <A extends Record> boolean isPrivate(
      Entitlement<A> service, Request request, Household household) {
    return service.isPrivate(service.answers().cast(request.answers()), household);
  }

  /** The service a packet names by the word. */
  public static Optional<Entitlement<?>> named(String word) {
    return Optional.ofNullable(BY_WORD.get(word));
  }
}
