package civitane.app.prefilling;

import civitane.app.audit.AuditLog;
import civitane.app.drafts.ApplicationView;
import civitane.app.drafts.Applications;
import civitane.app.drafts.Draft;
import civitane.app.staff.Staff;
import civitane.core.facts.Household;
import civitane.core.facts.Person;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.registers.AccountRegister;
import civitane.core.registers.ChildBenefitRegister;
import civitane.core.registers.PopulationRegister;
import civitane.core.registers.RegisterName;
import civitane.core.registers.RegisterSilent;
import civitane.core.registers.Resident;
import civitane.core.registers.TaxRecord;
import civitane.core.registers.TaxRegister;
import civitane.core.registers.WageRegister;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Question;
import civitane.core.services.Services;
import civitane.core.time.Ages;
import jakarta.annotation.PreDestroy;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Predicate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Asks the registers what they know of a household that allows it, and fills in what is not there yet. */
@Service
public class Prefilling {
  private static final String REGISTERS = "registers";
  private static final String POPULATION = "population";
  private static final String WAGE = "wage";
  private static final String TAX = "tax";
  private static final String CHILD_BENEFIT = "child benefit";
  private static final String BANK = "bank";
  private static final String ANSWERED = "answered";

  private final Applications applications;
  private final PopulationRegister population;
  private final WageRegister wages;
  private final TaxRegister tax;
  private final ChildBenefitRegister childBenefit;
  private final AccountRegister bank;
  private final JdbcClient database;
  private final AuditLog audit;
  private final TransactionTemplate inTransaction;
  private final JsonMapper json;
  private final Clock clock;
  private final ExecutorService threads = Executors.newCachedThreadPool();

  Prefilling(
      Applications applications,
      PopulationRegister population,
      WageRegister wages,
      TaxRegister tax,
      ChildBenefitRegister childBenefit,
      AccountRegister bank,
      JdbcClient database,
      AuditLog audit,
      TransactionTemplate inTransaction,
      JsonMapper json,
      Clock clock) {
    this.applications = applications;
    this.population = population;
    this.wages = wages;
    this.tax = tax;
    this.childBenefit = childBenefit;
    this.bank = bank;
    this.database = database;
    this.audit = audit;
    this.inTransaction = inTransaction;
    this.json = json;
    this.clock = clock;
  }

  /** What a register answered: {@code answered} or {@code silent}, and in words what came of it. */
  public record RegisterAnswer(String register, String state, String words) {}

  /** The draft with what was filled in, and the answers. */
  record AskedRegisters(ApplicationView view, List<RegisterAnswer> answers)
      implements ApplicationView.Within {
    @Override
    public AskedRegisters with(ApplicationView other) {
      return new AskedRegisters(other, answers);
    }
  }

  /**
   * Asks for everybody who consents today. Nothing that was said is written over.
   *
   * <p>The registers are asked before the draft is held: a slow one makes nobody else wait.
   */
  AskedRegisters ask(Staff.Colleague by, UUID id) {
    var known = new RegisterAnswers(threads);
    var shown = applications.view(id).draft();
    asked(new Draft(shown.packet().deepCopy(), shown.typed(), shown.taking().deepCopy()), known);
    known.close();
    return inTransaction.execute(status -> {
      var answers = new ArrayList<RegisterAnswer>();
      var view = applications.rewrite(
          by,
          id,
          draft -> {
            answers.addAll(asked(draft, known));
            return draft;
          },
          "registers asked");
      keep(by.login(), id, answers);
      return new AskedRegisters(view, answers);
    });
  }

  /**
   * Asks about whoever applies, and about nobody else, as far as they allow it: what they earn, what they are taxed on, and
   * whether child benefit is received for their children. Fills it into a draft, where nothing was said.
   *
   * <p>Who else lives with them and whose an account is, is not asked. A number that is only typed is nobody's: whoever
   * applies could type another's, to hear what they earn. It is asked about where the household is known by it and the
   * population register says that it is of that person.
   *
   * @param household as it is known, whatever stands in the draft
   */
  public List<RegisterAnswer> askOwn(Draft draft, Household household) {
    var facts = new DraftFacts(draft, LocalDate.now(clock));
    var known = new RegisterAnswers(threads);
    var answers = new ArrayList<RegisterAnswer>();
    var theirs = registered(household, known, answers);
    var number = household.applicant().residentNumber();
    var own = facts.consenting(REGISTERS).stream()
        .filter(person -> person.equals(facts.applicant()))
        .filter(person -> theirs.contains(DraftFacts.number(person)))
        .filter(person -> DraftFacts.number(person).equals(number))
        .toList();
    if (!own.isEmpty()) {
      wages(facts, own, known, answers);
      each(TAX, own, answers, (person, asked) -> taxes(facts, own, known, person));
      each(
          CHILD_BENEFIT,
          own,
          answers,
          (person, asked) -> childBenefits(facts, known, theirs::contains));
    }
    return answers;
  }

  /** The numbers of whoever applies and of the children that the population register has as theirs. */
  private Set<String> registered(
      Household household, RegisterAnswers known, List<RegisterAnswer> answers) {
    var today = LocalDate.now(clock);
    var numbers = new HashSet<String>();
    try {
      for (var person : household.people()) {
        var number = person.residentNumber();
        var born = person.birthDate();
        var isAsked =
            person.equals(household.applicant()) || born != null && !Ages.isAdult(born, today);
        if (number != null
            && isAsked
            && known
                .of(RegisterName.POPULATION, number, () -> resident(number))
                .filter(found -> isOf(found.resident(), person))
                .isPresent()) {
          numbers.add(number);
        }
      }
      answers.add(new RegisterAnswer(POPULATION, ANSWERED, "It was asked whose the numbers are."));
      return numbers;
    } catch (RegisterSilent e) {
      answers.add(silent(POPULATION));
      return Set.of();
    }
  }

  private static boolean isOf(Resident resident, Person person) {
    return resident.birthDate().equals(person.birthDate())
        && Names.compare(person.fullName(), resident.givenName() + " " + resident.familyName())
            != NameMatch.DIFFERENT;
  }

  /** Keeps what registers answered for an application. */
  public void keep(String by, UUID application, List<RegisterAnswer> answers) {
    answers.forEach(answer -> keep(by, application, answer));
  }

  /** Fills in what the registers know, and says what came of each. */
  private List<RegisterAnswer> asked(Draft draft, RegisterAnswers known) {
    var facts = new DraftFacts(draft, LocalDate.now(clock));
    var consenting = facts.consenting(REGISTERS);
    if (consenting.isEmpty()) {
      return List.of(new RegisterAnswer(
          REGISTERS, "noConsent", "Nobody has allowed yet that the registers are asked."));
    }
    var answers = new ArrayList<RegisterAnswer>();
    askAll(facts, consenting, known, answers);
    return answers;
  }

  /** The register that a fact is of, as it is called. */
  private interface Asking {
    int ask(ObjectNode person, String number);
  }

  private void askAll(
      DraftFacts facts,
      List<ObjectNode> consenting,
      RegisterAnswers known,
      List<RegisterAnswer> answers) {
    each(
        POPULATION,
        consenting,
        answers,
        (person, number) -> known
            .of(RegisterName.POPULATION, number, () -> resident(number))
            .map(found -> facts.resident(person, found.resident(), found.household()))
            .orElse(0));
    wages(facts, consenting, known, answers);
    each(TAX, consenting, answers, (person, number) -> taxes(facts, consenting, known, person));
    // What is asked about the household as a whole is asked for who applies, if they allow it.
    if (consenting.contains(facts.applicant())) {
      each(
          CHILD_BENEFIT,
          List.of(facts.applicant()),
          answers,
          (person, number) -> childBenefits(facts, known, child -> true));
      if (!facts.iban().isBlank()) {
        answers.add(account(facts.iban(), known));
      }
    }
  }

  private void wages(
      DraftFacts facts,
      List<ObjectNode> consenting,
      RegisterAnswers known,
      List<RegisterAnswer> answers) {
    each(
        WAGE,
        consenting,
        answers,
        (person, number) ->
            facts.wages(person, known.of(RegisterName.WAGES, number, () -> wages.wages(number)))
                + earnings(facts, known, person, number));
  }

  /** Somebody in the population register, with who is registered at the same address. */
  private record Registered(Resident resident, List<Resident> household) {}

  private Optional<Registered> resident(String number) {
    return population
        .resident(number)
        .map(found -> new Registered(found, population.household(found)));
  }

  private Optional<TaxRecord> tax(RegisterAnswers known, String number) {
    return known.of(
        RegisterName.TAX, number, () -> tax.of(number, TaxRegister.lastYear(LocalDate.now(clock))));
  }

  private int taxes(
      DraftFacts facts, List<ObjectNode> consenting, RegisterAnswers known, ObjectNode person) {
    var allowed = consenting.stream().map(DraftFacts::number).toList();
    var number = DraftFacts.number(person);
    var filled = 0;
    for (var request : facts.requests()) {
      for (var question : questions(request)) {
        if ("taxFiled".equals(question.fact())) {
          filled += tax(known, number)
              .map(record -> facts.taxFiled(request, question.key(), person, record.filed()))
              .orElse(0);
        } else if ("assessedIncome".equals(question.fact())) {
          filled += facts.assessed(
              request,
              question.key(),
              number,
              one -> allowed.contains(one) ? tax(known, one) : Optional.empty());
        }
      }
    }
    return filled;
  }

  /** What was earned by quarter, where a service asks it of this person. */
  private int earnings(DraftFacts facts, RegisterAnswers known, ObjectNode person, String number) {
    var filled = 0;
    for (var request : facts.requests()) {
      for (var question : questions(request)) {
        for (var part : question.parts()) {
          if ("wageQuarters".equals(part.fact()) && facts.isAbout(request, person)) {
            filled += facts.quarters(
                request,
                question.key(),
                part.key(),
                known.of(
                    RegisterName.WAGES,
                    number + " by quarter",
                    () -> wages.quarters(number, LocalDate.now(clock))));
          }
        }
      }
    }
    return filled;
  }

  private int childBenefits(DraftFacts facts, RegisterAnswers known, Predicate<String> isAsked) {
    var filled = 0;
    for (var request : facts.requests()) {
      for (var question : questions(request)) {
        for (var part : question.parts()) {
          if ("childBenefit".equals(part.fact())) {
            filled += facts.benefits(
                request,
                question.key(),
                part.key(),
                isAsked,
                child -> known.of(
                    RegisterName.CHILD_BENEFIT, child, () -> childBenefit.isReceivedFor(child)));
          }
        }
      }
    }
    return filled;
  }

  private RegisterAnswer account(String iban, RegisterAnswers known) {
    try {
      return new RegisterAnswer(
          BANK,
          ANSWERED,
          known
              .of(RegisterName.ACCOUNTS, iban, () -> bank.holder(iban))
              .map(name -> "The account belongs to " + name + ".")
              .orElse("The bank register knows no such account."));
    } catch (RegisterSilent e) {
      return silent(BANK);
    }
  }

  private static List<Question> questions(JsonNode request) {
    return Services.named(request.path("service").asString(""))
        .<List<Question>>map(Entitlement::questions)
        .orElse(List.of());
  }

  private static void each(
      String register, List<ObjectNode> people, List<RegisterAnswer> answers, Asking asking) {
    try {
      var filled = 0;
      var asked = 0;
      for (var person : people) {
        var number = person.path("residentNumber").asString("");
        if (!number.isBlank()) {
          filled += asking.ask(person, number);
          asked++;
        }
      }
      answers.add(new RegisterAnswer(
          register,
          ANSWERED,
          asked == 0
              ? "It was not asked: nobody who allows it has a resident number here."
              : filled == 0 ? "It knows nothing more." : "Filled in: " + filled + "."));
    } catch (RegisterSilent e) {
      answers.add(silent(register));
    }
  }

  private static RegisterAnswer silent(String register) {
    return new RegisterAnswer(
        register,
        "silent",
        "It does not answer now. Everything else goes on; it can be asked again.");
  }

  private void keep(String by, UUID application, RegisterAnswer answer) {
    Map<String, String> facts = new LinkedHashMap<>();
    facts.put("words", answer.words());
    database
        .sql("""
            insert into register_answer (application_id, register, answered, facts, asked_by, asked_at)
            values (:application, :register, :answered, :facts, :by, :now)
            """)
        .param("application", application)
        .param("register", answer.register())
        .param("answered", answer.state().equals(ANSWERED))
        .param("facts", json.writeValueAsString(facts))
        .param("by", by)
        .param("now", Timestamp.from(clock.instant()))
        .update();
    audit.record(
        by, "register asked", application.toString(), answer.register() + " " + answer.state());
  }

  @PreDestroy
  void stop() {
    threads.shutdownNow();
  }
}
