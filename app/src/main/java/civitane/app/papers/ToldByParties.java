package civitane.app.papers;

import civitane.app.parties.Parties;
import civitane.app.staff.Staff;
import civitane.core.facts.PartyKind;
import civitane.core.services.homepaymentrelief.HomePaymentReliefAnswers.Lender;
import civitane.core.services.rentrelief.RentReliefAnswers.Landlord;
import org.springframework.stereotype.Component;

/** What a landlord or lender said of themselves on a form that they sent back. */
@Component
class ToldByParties {
  private final Parties parties;

  ToldByParties(Parties parties) {
    this.parties = parties;
  }

  /** @param sender who filled the form in */
  void told(Staff.Colleague by, Object answer, String sender) {
    if (answer instanceof Landlord landlord && landlord.name() != null) {
      parties.shown(
          by, PartyKind.LANDLORD, landlord.name(), landlord.agrees(), landlord.iban(), sender);
    } else if (answer instanceof Lender lender && lender.name() != null) {
      parties.shown(by, PartyKind.LENDER, lender.name(), lender.participates(), null, sender);
    }
  }
}
