package civitane.app.intake;

import civitane.app.audit.AuditLog;
import civitane.app.staff.Staff;
import civitane.core.registers.BankRegister;
import civitane.core.registers.ChildBenefitRegister;
import civitane.core.registers.PopulationRegister;
import civitane.core.registers.RegisterSilent;
import civitane.core.registers.TaxRegister;
import civitane.core.registers.WageRegister;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Question;
import civitane.core.services.Services;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Asks the registers what they know of a household that allows it, and fills in what is not there yet. */
@Service
class Prefilling {
  private static final String REGISTERS = "registers";

  private final Applications applications;
  private final PopulationRegister population;
  private final WageRegister wages;
  private final TaxRegister tax;
  private final ChildBenefitRegister childBenefit;
  private final BankRegister bank;
  private final JdbcClient database;
  private final Staff staff;
  private final AuditLog audit;
  private final JsonMapper json;
  private final Clock clock;

  Prefilling(
      Applications applications,
      PopulationRegister population,
      WageRegister wages,
      TaxRegister tax,
      ChildBenefitRegister childBenefit,
      BankRegister bank,
      JdbcClient database,
      Staff staff,
      AuditLog audit,
      JsonMapper json,
      Clock clock) {
    this.applications = applications;
    this.population = population;
    this.wages = wages;
    this.tax = tax;
    this.childBenefit = childBenefit;
    this.bank = bank;
    this.database = database;
    this.staff = staff;
    this.audit = audit;
    this.json = json;
    this.clock = clock;
  }

  /** What a register answered: {@code answered} or {@code silent}, and in words what came of it. */
  record RegisterAnswer(String register, String state, String words) {}

  /** The draft with what was filled in, and the answers. */
  record AskedRegisters(ApplicationView view, List<RegisterAnswer> answers) {}

  /** Asks for everybody who consents today. Nothing that was said is written over. */
  @Transactional
  AskedRegisters ask(UUID id) {
    var answers = new ArrayList<RegisterAnswer>();
    var view = applications.rewrite(
        id,
        draft -> {
          var facts = new DraftFacts(draft, LocalDate.now(clock));
          var consenting = facts.consenting(REGISTERS);
          if (consenting.isEmpty()) {
            answers.add(new RegisterAnswer(
                REGISTERS, "noConsent", "Nobody has allowed yet that the registers are asked."));
          } else {
            askAll(facts, consenting, answers);
          }
          return draft;
        },
        "registers asked");
    for (var answer : answers) {
      keep(id, answer);
    }
    return new AskedRegisters(view, answers);
  }

  /** The register that a fact is of, as it is called. */
  private interface Asking {
    int ask(ObjectNode person, String number);
  }

  private void askAll(DraftFacts facts, List<ObjectNode> consenting, List<RegisterAnswer> answers) {
    each("population", consenting, answers, (person, number) -> {
      var resident = population.resident(number);
      return resident
          .map(found -> facts.resident(person, found, population.household(found)))
          .orElse(0);
    });
    each("wage", consenting, answers, (person, number) -> facts.wages(person, wages.wages(number)));
    var year = LocalDate.now(clock);
    each("tax", consenting, answers, (person, number) -> {
      var filled = 0;
      for (var request : facts.requests()) {
        for (var question : questions(request)) {
          if ("taxFiled".equals(question.fact())) {
            filled += tax.of(number, taxYear(year))
                .map(record -> facts.taxFiled(request, question.key(), person, record.filed()))
                .orElse(0);
          } else if ("assessedIncome".equals(question.fact())) {
            filled +=
                facts.assessed(request, question.key(), number, one -> tax.of(one, taxYear(year)));
          }
        }
      }
      return filled;
    });
    each("child benefit", List.of(facts.applicant()), answers, (person, number) -> {
      var filled = 0;
      for (var request : facts.requests()) {
        for (var question : questions(request)) {
          for (var part : question.parts()) {
            if ("childBenefit".equals(part.fact())) {
              filled +=
                  facts.benefits(request, question.key(), part.key(), childBenefit::isReceivedFor);
            }
          }
        }
      }
      return filled;
    });
    if (!facts.iban().isBlank()) {
      try {
        var holder = bank.holder(facts.iban());
        answers.add(new RegisterAnswer(
            "bank",
            "answered",
            holder
                .map(name -> "The account belongs to " + name + ".")
                .orElse("The bank register knows no such account.")));
      } catch (RegisterSilent e) {
        answers.add(silent("bank"));
      }
    }
  }

  private static List<Question> questions(JsonNode request) {
    return Services.named(request.path("service").asString(""))
        .<List<Question>>map(Entitlement::questions)
        .orElse(List.of());
  }

  /** The calendar year before the one whose first of September is the last. */
  private static int taxYear(LocalDate today) {
    return (today.getMonthValue() >= 9 ? today.getYear() : today.getYear() - 1) - 1;
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
          "answered",
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

  private void keep(UUID application, RegisterAnswer answer) {
    Map<String, String> facts = new LinkedHashMap<>();
    facts.put("words", answer.words());
    database
        .sql("""
            insert into register_answer (application_id, register, answered, facts, asked_by, asked_at)
            values (:application, :register, :answered, :facts, :by, :now)
            """)
        .param("application", application)
        .param("register", answer.register())
        .param("answered", answer.state().equals("answered"))
        .param("facts", json.writeValueAsString(facts))
        .param("by", staff.me().login())
        .param("now", Timestamp.from(clock.instant()))
        .update();
    audit.record(
        "register asked", application.toString(), answer.register() + " " + answer.state());
  }
}
