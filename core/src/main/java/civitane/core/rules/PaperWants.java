package civitane.core.rules;

import civitane.core.facts.Income;
import civitane.core.facts.Paper;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.identity.Identity;
import civitane.core.income.Counted;
import civitane.core.income.CountedIncome;
import civitane.core.income.IncomePicture;
import civitane.core.income.Payslips;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Missing;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** The papers a request wants, gathered one by one; what is not there yet is missing. */
public final class PaperWants {
  private final Situation<?> it;
  private final Set<String> wanted = new TreeSet<>();
  private final Map<String, Missing> missing = new TreeMap<>();

  private PaperWants(Situation<?> it) {
    this.it = it;
  }

  public static PaperWants of(Situation<?> it) {
    return new PaperWants(it);
  }

  /** A paper of the kind, or of one of the others, whoever it belongs to. */
  public PaperWants any(PaperKind kind, PaperKind... others) {
    return any(1, kind, others);
  }

  public PaperWants any(int count, PaperKind kind, PaperKind... others) {
    var kinds = EnumSet.of(kind, others);
    return want(kind.word(), null, null, count, paper -> kinds.contains(paper.kind()));
  }

  /** As many papers for each counted adult. */
  public PaperWants eachAdult(Counted counted, int count, PaperKind kind, PaperKind... others) {
    return each(counted.adults(), count, kind, others);
  }

  /** As many papers for each of some people. */
  public PaperWants each(
      Collection<Person> people, int count, PaperKind kind, PaperKind... others) {
    var kinds = EnumSet.of(kind, others);
    for (var person : people) {
      want(
          kind.word(),
          person.id(),
          person,
          count,
          paper -> kinds.contains(paper.kind()) && person.id().equals(paper.person()));
    }
    return this;
  }

  /** A photo identity paper or card with name and photo of a person. */
  public PaperWants photoIdentity(Person person) {
    return want(
        "photoIdentity",
        person.id(),
        person,
        1,
        paper -> person.id().equals(paper.person())
            && (Identity.isPhoto(paper.kind())
                || paper.kind() == PaperKind.WORK_CARD
                || paper.kind() == PaperKind.STUDENT_CARD));
  }

  /** The paper each counted income asks for. */
  public PaperWants incomes(IncomePicture picture) {
    for (var item : picture.incomes()) {
      income(picture, item.income(), item);
    }
    for (var unresolved : picture.unresolved()) {
      income(picture, unresolved, null);
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
    var read = item != null && item.payslips() > 0;
    var statement = has(1, of(income, PaperKind.EMPLOYER_STATEMENT));
    // Payslips that contradict each other are no proof on paper either: they are wanted again.
    var enough = income.every() != null
        && !picture.contradicts(income)
        && has(
            Payslips.enough(income, it.rates().incomeCheck(), it.assessedOn(), it.asOf()),
            of(income, PaperKind.PAYSLIP));
    note(
        PaperKind.PAYSLIP.word(),
        income.id(),
        it.person(income.person()).orElse(null),
        read || statement || enough);
  }

  private void forIncome(Income income, PaperKind kind, PaperKind... others) {
    var kinds = EnumSet.of(kind, others);
    want(
        kind.word(),
        income.id(),
        it.person(income.person()).orElse(null),
        1,
        paper -> kinds.contains(paper.kind()) && income.id().equals(paper.income()));
  }

  private static Predicate<Paper> of(Income income, PaperKind kind) {
    return paper -> paper.kind() == kind && income.id().equals(paper.income());
  }

  private PaperWants want(
      String kind, @Nullable String of, @Nullable Person whose, int count, Predicate<Paper> such) {
    note(kind, of, whose, has(count, such));
    return this;
  }

  private void note(String kind, @Nullable String of, @Nullable Person whose, boolean there) {
    var subject = of == null ? kind : kind + ":" + of;
    wanted.add(subject);
    if (!there) {
      missing.put(
          subject,
          new Missing(subject, "paper." + kind, null, whose == null ? null : it.who(whose)));
    }
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

  public boolean areComplete() {
    return missing.isEmpty();
  }

  /** PAPERS: every paper that is wanted is there and accepted. */
  public Check check() {
    if (missing.isEmpty()) {
      return it.check("PAPERS")
          .met((wanted.isEmpty() ? Why.PAPERS_NONE_WANTED : Why.PAPERS_ALL_THERE).with());
    }
    var all = List.copyOf(missing.values());
    return it.check("PAPERS").lacks(all).unknown(Why.PAPERS_WANTED.with(new Argument.Several(all)));
  }
}
