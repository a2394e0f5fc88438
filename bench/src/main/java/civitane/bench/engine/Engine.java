package civitane.bench.engine;

import civitane.bench.AllowanceBudget;
import civitane.bench.engine.Facts.Child;
import civitane.bench.engine.Facts.Terms;
import civitane.core.facts.Benefit;
import civitane.core.facts.Packet;
import civitane.core.facts.Role;
import civitane.core.identity.CheckDigits;
import civitane.core.services.schoolmeals.SchoolMealsAnswers;
import java.math.BigDecimal;
import java.util.HashSet;
import org.drools.model.codegen.ExecutableModelProject;
import org.kie.api.KieServices;
import org.kie.api.runtime.KieContainer;

/** A general-purpose rules engine with the rules of two services: what the rules are measured beside. */
public final class Engine {
  private final KieContainer container;
  private final boolean meals;

  /** Compiles the rules of {@code schoolMeals} or {@code householdAllowance}. */
  public Engine(String service) {
    this.meals = service.equals("schoolMeals");
    var services = KieServices.Factory.get();
    var files = services.newKieFileSystem();
    for (var rules : new String[] {"income", service}) {
      files.write(
          services.getResources().newClassPathResource("civitane/bench/engine/" + rules + ".drl"));
    }
    var built = services.newKieBuilder(files).buildAll(ExecutableModelProject.class);
    if (!built.getResults().getMessages().isEmpty()) {
      throw new IllegalStateException(built.getResults().toString());
    }
    this.container = services.newKieContainer(built.getKieModule().getReleaseId());
  }

  /** Works a packet out in a session of its own. */
  public Verdict of(Packet packet, boolean determines) {
    var session = container.newKieSession();
    try {
      var verdict = new Verdict();
      session.insert(verdict);
      session.insert(packet);
      session.insert(new Terms(
          determines,
          meals,
          meals,
          new BigDecimal(AllowanceBudget.isNewer(packet) ? "13200" : "12800")));
      packet.household().people().forEach(session::insert);
      packet.household().incomes().forEach(session::insert);
      packet.household().noIncome().forEach(session::insert);
      packet.signatures().forEach(session::insert);
      if (meals) {
        children(packet).forEach(session::insert);
      }
      session.fireAllRules();
      if (meals) {
        verdict.amount("until", Arithmetic.until(packet.assessedOn()));
      }
      return verdict;
    } finally {
      session.dispose();
    }
  }

  private static java.util.List<Child> children(Packet packet) {
    var household = packet.household();
    var answers = (SchoolMealsAnswers) packet.requests().get(0).answers();
    var children = new java.util.ArrayList<Child>();
    var seen = new HashSet<String>();
    var number = answers.benefitNumber();
    var all = household.receives(Benefit.HOUSEHOLD_ALLOWANCE)
        || number != null
            && number.strip().matches("HA-\\d{6}-\\d")
            && CheckDigits.isRight(number.strip().substring(3).replace("-", ""));
    for (var entry : answers.named()) {
      var id = entry.person();
      if (id != null && seen.add(id)) {
        var person = household.person(id).orElseThrow();
        children.add(new Child(
            id,
            entry,
            Arithmetic.age(person, packet),
            all || entry.homeless() || person.role() == Role.FOSTER_CHILD));
      }
    }
    return children;
  }
}
