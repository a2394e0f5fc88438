package civitane.core.rules;

import civitane.core.facts.Income;
import civitane.core.facts.Paper;
import civitane.core.facts.PaperKind;
import civitane.core.identity.Identity;
import civitane.core.income.Counted;
import civitane.core.income.CountedIncome;
import civitane.core.income.IncomePicture;
import civitane.core.income.Payslips;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** The papers a request wants, gathered one by one; what is not there yet is missing. */
public final class PaperWants {
  private final Situation it;
  private final Set<String> wanted = new TreeSet<>();
  private final Set<String> missing = new TreeSet<>();

  private PaperWants(Situation it) {
    this.it = it;
  }

  public static PaperWants of(Situation it) {
    return new PaperWants(it);
  }

  /** A paper of the kind, or of one of the others, whoever it belongs to. */
  public PaperWants any(PaperKind kind, PaperKind... others) {
    return any(1, kind, others);
  }

  public PaperWants any(int count, PaperKind kind, PaperKind... others) {
    var kinds = EnumSet.of(kind, others);
    return want(kind.word(), count, paper -> kinds.contains(paper.kind()));
  }

  /** As many papers for each counted adult. */
  public PaperWants eachAdult(Counted counted, int count, PaperKind kind, PaperKind... others) {
    var kinds = EnumSet.of(kind, others);
    for (var adult : counted.adults()) {
      want(
          kind.word() + ":" + adult.id(),
          count,
          paper -> kinds.contains(paper.kind()) && adult.id().equals(paper.person()));
    }
    return this;
  }

  /** A photo identity paper, work card or student card of a person. */
  public PaperWants photoIdentity(String person) {
    return want(
        "photoIdentity:" + person,
        1,
        paper -> person.equals(paper.person())
            && (Identity.isPhoto(paper.kind())
                || paper.kind() == PaperKind.WORK_CARD
                || paper.kind() == PaperKind.STUDENT_CARD));
  }

  /** The paper each counted income asks for. */
  public PaperWants incomes(IncomePicture income) {
    for (var item : income.incomes()) {
      income(income, item.income(), item);
    }
    for (var unresolved : income.unresolved()) {
      income(income, unresolved, null);
    }
    return this;
  }

  private void income(IncomePicture picture, Income income, @Nullable CountedIncome item) {
    switch (income.kind()) {
      case WAGES -> wages(picture, income, item);
      case SELF_EMPLOYMENT -> forIncome(income, PaperKind.BUSINESS_BOOKS, PaperKind.TAX_RETURN);
      case PENSION, DISABILITY_PENSION, UNEMPLOYMENT_PAY ->
        forIncome(income, PaperKind.BENEFIT_LETTER);
      case FAMILY_HELP, OTHER -> forIncome(income, PaperKind.CASH_INCOME_LETTER);
      default -> forIncome(income, PaperKind.BANK_STATEMENT);
    }
  }

  private void wages(IncomePicture picture, Income income, @Nullable CountedIncome item) {
    if (item != null && item.registerAgrees()) {
      return;
    }
    var name = "payslip:" + income.id();
    wanted.add(name);
    var read = item != null && item.payslips() > 0;
    var statement = has(1, of(income, PaperKind.EMPLOYER_STATEMENT));
    // Payslips that contradict each other are no proof on paper either: they are wanted again.
    var enough = income.frequency() != null
        && !picture.contradicts(income)
        && has(
            Payslips.enough(income, it.rates().incomeCheck(), it.assessedOn(), it.asOf()),
            of(income, PaperKind.PAYSLIP));
    if (!read && !statement && !enough) {
      missing.add(name);
    }
  }

  private void forIncome(Income income, PaperKind kind, PaperKind... others) {
    var kinds = EnumSet.of(kind, others);
    want(
        kind.word() + ":" + income.id(),
        1,
        paper -> kinds.contains(paper.kind()) && income.id().equals(paper.income()));
  }

  private static Predicate<Paper> of(Income income, PaperKind kind) {
    return paper -> paper.kind() == kind && income.id().equals(paper.income());
  }

  private PaperWants want(String name, int count, Predicate<Paper> such) {
    wanted.add(name);
    if (!has(count, such)) {
      missing.add(name);
    }
    return this;
  }

  private boolean has(int count, Predicate<Paper> such) {
    var found = 0;
    for (var paper : it.packet().papers()) {
      if (paper.isEvidence() && such.test(paper) && ++found >= count) {
        return true;
      }
    }
    return found >= count;
  }

  /** What is wanted, as {@code kind}, {@code kind:person} or {@code kind:income}, sorted. */
  public List<String> wanted() {
    return List.copyOf(wanted);
  }

  /** The test PAPERS. */
  public Test test() {
    if (missing.isEmpty()) {
      return Test.met(
          "PAPERS",
          () -> wanted.isEmpty()
              ? "No papers are wanted."
              : "Every paper that is wanted is there and accepted.");
    }
    return Test.unknown(
            "PAPERS",
            () -> "Still wanted: "
                + Wording.list(missing.stream().map(this::inWords).toList()) + ".")
        .missing(List.copyOf(missing));
  }

  private String inWords(String want) {
    var colon = want.indexOf(':');
    if (colon < 0) {
      return Wording.spoken(want);
    }
    var whose = want.substring(colon + 1);
    var person = it.household()
        .person(whose)
        .or(() -> it.household().incomes().stream()
            .filter(income -> income.id().equals(whose))
            .findFirst()
            .flatMap(income -> it.household().person(income.person())));
    return Wording.spoken(want.substring(0, colon))
        + person.map(who -> " of " + who.calledBy()).orElse("");
  }
}
