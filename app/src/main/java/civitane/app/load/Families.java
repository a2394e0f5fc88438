package civitane.app.load;

import civitane.core.facts.Address;
import civitane.core.facts.Contact;
import civitane.core.facts.Expense;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.facts.Sex;
import civitane.core.identity.CheckDigits;
import civitane.core.money.Amount;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Families of the made-up district, the same ones for the same seed. */
final class Families {
  private static final List<String> GIVEN = List.of(
      "Oluchi",
      "Rui",
      "Saskia",
      "Teodor",
      "Hanne",
      "Yusra",
      "Leila",
      "Björn",
      "Catriona",
      "Ilse",
      "Tomé",
      "Wren",
      "Finn",
      "Inês",
      "Marit",
      "Dafydd",
      "Ngozi",
      "Pauliina",
      "Emre",
      "Soledad",
      "Anouk",
      "Karim",
      "Zsófia",
      "Odhran",
      "Mirela",
      "Tariq",
      "Aoife",
      "Luka",
      "Salma",
      "Henrik",
      "Jiho",
      "Adaeze",
      "Ruben",
      "Eluned",
      "Amadou",
      "Katja",
      "Noor",
      "Piet",
      "Irena",
      "Caspian");
  private static final List<String> FRONT = List.of(
      "Ost", "Hal", "Brek", "Tam", "Sun", "Val", "Mor", "Had", "Ang", "Sau", "Mar", "Lind", "Ver",
      "Quay", "Reed", "Wyn", "Fen", "Hol", "Strand", "Ask", "Dahl", "Nor", "Karr", "Ebb", "Tor",
      "Wick", "Bel", "Sel", "Gar", "Hern");
  private static final List<String> BACK = List.of(
      "vik", "sett", "mark", "deira", "wen", "quist", "geot", "chetti", "hallen", "moor", "land",
      "ström", "berg", "ford", "stad", "nes", "by", "holt", "gren", "wood", "ova", "escu", "ides",
      "ević", "ano", "eiro", "oux", "ani", "adze", "son");
  private static final List<Address> PARISHES = List.of(
      Address.at("Tide Row", "Gullhaven", "BK31"),
      Address.at("Capstan Lane", "Ferry Hythe", "BK22"),
      Address.at("Causeway End", "Saltmarsh End", "BK64"),
      Address.at("Marsh Road", "Reedholm", "BK47"));
  private static final List<String> EMPLOYERS = List.of(
      "Hythe Net Loft",
      "Reedholm Glass Gardens",
      "Anchor Bakery",
      "Hythe Ferry Works",
      "Tollgate Laundry");

  private static final int NINE_DIGITS = 1_000_000_000;
  private static final int STREET_NUMBERS = 180;
  private static final int MOST_CHILDREN = 4;

  private final Random random;
  private final LocalDate today;
  private int residentNumber;

  /** @param first the first of the resident numbers that are given out */
  Families(long seed, LocalDate today, int first) {
    this.random = new Random(seed);
    this.today = today;
    this.residentNumber = first;
  }

  Household next() {
    var family = FRONT.get(random.nextInt(FRONT.size())) + BACK.get(random.nextInt(BACK.size()));
    var people = new ArrayList<Person>();
    people.add(person("p1", Role.APPLICANT, family, 19 + random.nextInt(60)));
    if (random.nextInt(5) < 2) {
      people.add(person("p2", Role.SPOUSE, family, 19 + random.nextInt(60)));
    }
    for (var children = random.nextInt(MOST_CHILDREN); children > 0; children--) {
      people.add(person("p" + (people.size() + 1), Role.CHILD, family, random.nextInt(18)));
    }
    var parish = PARISHES.get(random.nextInt(PARISHES.size()));
    return new Household(
        Address.at(
            1 + random.nextInt(STREET_NUMBERS) + " " + parish.line1(),
            String.valueOf(parish.town()),
            String.valueOf(parish.postcode())),
        people,
        0,
        List.of(wage("i1", "p1")),
        List.of(),
        List.of(new Expense(ExpenseKind.RENT, euros(380, 500), Frequency.MONTHLY, null)),
        List.of(),
        Set.of(),
        null,
        List.of());
  }

  /** The same family a while later: they earn otherwise now. */
  Household later(Household family) {
    return new Household(
        family.address(),
        family.people(),
        family.expectedChildren(),
        List.of(wage("i1", "p1")),
        family.noIncome(),
        family.expenses(),
        family.assets(),
        family.benefits(),
        family.payment(),
        family.consents());
  }

  private Income wage(String id, String person) {
    return new Income(
        id,
        person,
        IncomeKind.WAGES,
        euros(700, 1900),
        Frequency.MONTHLY,
        EMPLOYERS.get(random.nextInt(EMPLOYERS.size())),
        null,
        null,
        null,
        List.of(),
        null,
        null,
        null);
  }

  private Amount euros(int from, int spread) {
    return Amount.of(from + random.nextInt(spread) + ".00");
  }

  private Person person(String id, Role role, String family, int age) {
    var told = role == Role.APPLICANT;
    return new Person(
        id,
        role,
        GIVEN.get(random.nextInt(GIVEN.size())),
        family,
        List.of(),
        null,
        null,
        today.minusYears(age).minusDays(1 + random.nextInt(360)),
        random.nextBoolean() ? Sex.F : Sex.M,
        false,
        true,
        14,
        null,
        nextResidentNumber(),
        null,
        told ? contact() : null,
        null);
  }

  private @Nullable Contact contact() {
    var phone =
        String.format(Locale.ROOT, "0555 %03d %03d", random.nextInt(1000), random.nextInt(1000));
    return new Contact(
        phone, null, true, random.nextBoolean(), true, null, List.of(), null, null, false, null);
  }

  private String nextResidentNumber() {
    var digits = String.format(Locale.ROOT, "%09d", residentNumber++ % NINE_DIGITS);
    return digits + CheckDigits.of(digits);
  }
}
