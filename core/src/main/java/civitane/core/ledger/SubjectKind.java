package civitane.core.ledger;

import civitane.core.facts.Acting;
import civitane.core.facts.Address;
import civitane.core.facts.Asset;
import civitane.core.facts.Consent;
import civitane.core.facts.Expense;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.NoIncome;
import civitane.core.facts.OutsideParty;
import civitane.core.facts.Paper;
import civitane.core.facts.Payment;
import civitane.core.facts.Person;
import civitane.core.facts.Request;
import civitane.core.facts.Signature;
import civitane.core.facts.Word;

/** What a subject is, and the record whose parts its fields are. */
public enum SubjectKind implements Word {
  HOUSEHOLD(Household.class),
  PERSON(Person.class),
  INCOME(Income.class),
  NO_INCOME(NoIncome.class),
  EXPENSE(Expense.class),
  ASSET(Asset.class),
  CONSENT(Consent.class),
  HOME(Address.class),
  ACCOUNT(Payment.class),
  /** One request with its answers, whose fields are those of its service. */
  REQUEST(Request.class),
  PAPER(Paper.class),
  SIGNATURE(Signature.class),
  /** Somebody outside: an employer, a landlord, a lender. */
  PARTY(OutsideParty.class),
  /** Somebody who acts for a household. */
  ACTING(Acting.class);

  private final Class<? extends Record> facts;

  SubjectKind(Class<? extends Record> facts) {
    this.facts = facts;
  }

  public Class<? extends Record> facts() {
    return facts;
  }
}
