package civitane.app.checking;

import civitane.app.parties.Parties;
import civitane.core.facts.PartyKind;
import civitane.core.ledger.Source;
import civitane.core.registers.LandlordRegister;
import civitane.core.registers.LenderRegister;
import civitane.core.registers.RegisterQuestion;
import civitane.core.registers.RegisterRow;
import java.util.List;
import org.springframework.stereotype.Component;

import static civitane.core.facts.Known.known;

/** What lenders and landlords answer of themselves goes to what is known of them, for all households that name them. */
@Component
class OthersAnswers {
  private final Parties parties;

  OthersAnswers(Parties parties) {
    this.parties = parties;
  }

  /** Records it. Answers whether anything of it was new. */
  boolean answered(String by, RegisterQuestion question, List<RegisterRow> rows) {
    var source = Source.register(question.register());
    return switch (question.register()) {
      case LENDERS ->
        LenderRegister.read(rows)
            .filter(loan -> parties.answered(
                by,
                PartyKind.LENDER,
                known(question.about().get("lender")),
                loan.participates(),
                null,
                source))
            .isPresent();
      case LANDLORDS ->
        LandlordRegister.read(rows)
            .filter(agreement -> parties.answered(
                by,
                PartyKind.LANDLORD,
                known(question.about().get("landlord")),
                agreement.agrees(),
                agreement.iban(),
                source))
            .isPresent();
      default -> false;
    };
  }
}
