package civitane.core.checking;

import civitane.core.facts.AssetKind;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Form;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Packet;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Parts;
import civitane.core.facts.WhoseWord;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * Which facts a paper can show, besides whose it is and of when: the rent of a lease, the account of a bank statement.
 * What a household did not say at all has no place yet; it is asked for, not read into being.
 */
public final class PaperFacts {
  private static final Set<AssetKind> AT_A_BANK =
      Set.of(AssetKind.CURRENT, AssetKind.SAVINGS, AssetKind.INVESTMENTS);

  private final Packet packet;
  private final boolean fromOutside;
  private final List<PaperFact> facts = new ArrayList<>();

  private PaperFacts(Packet packet, boolean fromOutside) {
    this.packet = packet;
    this.fromOutside = fromOutside;
  }

  /**
   * The facts that a kind of paper can show.
   *
   * @param person whose it is; null where that is not known
   * @param income which income it is about; null where about none
   * @param fromOutside whether somebody outside sent it back: only then does it show what is theirs to say
   */
  public static List<PaperFact> of(
      Packet packet,
      PaperKind kind,
      @Nullable String person,
      @Nullable String income,
      boolean fromOutside) {
    var facts = new PaperFacts(packet, fromOutside);
    facts.of(kind, person, income);
    return List.copyOf(facts.facts);
  }

  private void of(PaperKind kind, @Nullable String person, @Nullable String income) {
    switch (kind) {
      case LEASE, TENANCY_PROOF -> expenses(ExpenseKind.RENT);
      case MORTGAGE_STATEMENT -> expenses(ExpenseKind.MORTGAGE);
      case BANK_STATEMENT -> {
        account();
        assets(person, AT_A_BANK);
      }
      case ASSET_STATEMENT -> assets(person, Set.of(AssetKind.values()));
      case BENEFIT_LETTER, CASH_INCOME_LETTER, EMPLOYER_STATEMENT ->
        incomes(one -> one.id().equals(income));
      case BUSINESS_BOOKS, TAX_RETURN ->
        incomes(one -> one.person().equals(person) && one.kind() == IncomeKind.SELF_EMPLOYMENT);
      default -> {
        // Of the household it shows who and when, and nothing that is worked with.
      }
    }
    for (var i = 0; i < packet.requests().size(); i++) {
      answers("/requests/" + i + "/answers", packet.requests().get(i).answers().getClass(), kind);
    }
  }

  private void account() {
    var payment = packet.household().payment();
    if (payment != null && payment.iban() != null) {
      facts.add(PaperFact.at(Matter.PAYMENT + "/iban", Form.IBAN));
    }
  }

  private void expenses(ExpenseKind kind) {
    var all = packet.household().expenses();
    for (var i = 0; all != null && i < all.size(); i++) {
      if (all.get(i).kind() == kind) {
        facts.add(PaperFact.recurring("/household/expenses/" + i));
      }
    }
  }

  private void assets(@Nullable String person, Set<AssetKind> kinds) {
    var all = packet.household().assets();
    for (var i = 0; all != null && i < all.size(); i++) {
      var asset = all.get(i);
      if (kinds.contains(asset.kind())
          && asset.person() != null
          && asset.person().equals(person)) {
        facts.add(PaperFact.at("/household/assets/" + i + "/value", Form.MONEY));
      }
    }
  }

  /** An hourly wage is shown by payslips only: its amount is worked out. */
  private void incomes(Predicate<Income> meant) {
    var all = packet.household().incomes();
    for (var i = 0; i < all.size(); i++) {
      if (meant.test(all.get(i)) && all.get(i).hourlyRate() == null) {
        facts.add(PaperFact.recurring("/household/incomes/" + i));
      }
    }
  }

  /** An answer that may be left out, and was, is told elsewhere: it is not asked for twice. */
  private void answers(String group, Class<?> type, PaperKind kind) {
    for (var field : Parts.of(type).fields()) {
      var asked = field.asked();
      var place = group + "/" + field.key();
      if (field.value().form() == Form.GROUP) {
        answers(place, field.value().type(), kind);
      } else if (asked != null
          && List.of(asked.shownBy()).contains(kind)
          && (fromOutside || field.whose() == WhoseWord.HOUSEHOLD)
          && !(asked.optional() && Parts.at(packet, place) == null)) {
        facts.add(PaperFact.at(place, field.value().form()));
      }
    }
  }
}
