package civitane.packet;

import civitane.core.facts.Address;
import civitane.core.facts.Answers;
import civitane.core.facts.Asset;
import civitane.core.facts.AssetKind;
import civitane.core.facts.Away;
import civitane.core.facts.AwayReason;
import civitane.core.facts.Benefit;
import civitane.core.facts.Channel;
import civitane.core.facts.Consent;
import civitane.core.facts.ConsentTo;
import civitane.core.facts.Contact;
import civitane.core.facts.Expense;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.MissingNumber;
import civitane.core.facts.NoIncome;
import civitane.core.facts.OtherName;
import civitane.core.facts.OtherNameKind;
import civitane.core.facts.Packet;
import civitane.core.facts.Paper;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Payment;
import civitane.core.facts.PaymentMethod;
import civitane.core.facts.Payslip;
import civitane.core.facts.Person;
import civitane.core.facts.Request;
import civitane.core.facts.Role;
import civitane.core.facts.Sex;
import civitane.core.facts.Signature;
import civitane.core.facts.SigningMethod;
import civitane.core.money.Amount;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Makes facts of a packet that was read without a fault. */
final class PacketBinder {
  private static final int EVERY_NIGHT = 14;

  private PacketBinder() {}

  static Packet packet(Answers read, List<Request> requests) {
    var lodgedOn = read.date("lodgedOn");
    return new Packet(
        lodgedOn,
        or(read.date("assessedOn"), lodgedOn),
        or(read.date("asOf"), lodgedOn),
        (OffsetDateTime) read.value("lodgedAt"),
        read.word(Channel.class, "channel"),
        read.text("language"),
        household(Optional.ofNullable(read.group("household")).orElse(Answers.NONE)),
        requests,
        each(read.groups("papers"), PacketBinder::paper),
        each(read.groups("signatures"), PacketBinder::signature));
  }

  private static LocalDate or(@Nullable LocalDate day, LocalDate otherwise) {
    return day == null ? otherwise : day;
  }

  private static <T> List<T> each(List<Answers> read, Function<Answers, T> binder) {
    if (read.isEmpty()) {
      return List.of();
    }
    var bound = new ArrayList<T>(read.size());
    for (var one : read) {
      bound.add(binder.apply(one));
    }
    return List.copyOf(bound);
  }

  private static Household household(Answers read) {
    var expected = read.number("expectedChildren");
    return new Household(
        read.group("address") == null ? Address.UNKNOWN : address(read.group("address")),
        each(read.groups("people"), PacketBinder::person),
        expected == null ? 0 : expected.toDecimal().intValueExact(),
        each(read.groups("incomes"), PacketBinder::income),
        each(
            read.groups("noIncome"),
            said -> new NoIncome(
                said.text("person"),
                said.date("since"),
                said.text("livesOn"),
                said.date("statedOn"))),
        !read.has("expenses")
            ? null
            : each(
                read.groups("expenses"),
                said -> new Expense(
                    said.word(ExpenseKind.class, "kind"),
                    said.number("amount"),
                    said.word(Frequency.class, "frequency"),
                    said.text("person"))),
        each(
            read.groups("assets"),
            said -> new Asset(
                said.text("person"), said.word(AssetKind.class, "kind"), said.number("value"))),
        Set.copyOf(read.words(Benefit.class, "benefits")),
        read.group("payment") == null ? null : payment(read.group("payment")),
        each(
            read.groups("consents"),
            said -> new Consent(
                said.text("person"),
                said.word(ConsentTo.class, "to"),
                said.date("on"),
                said.date("until"))));
  }

  private static Address address(Answers read) {
    return new Address(
        read.text("line1"),
        read.text("town"),
        read.text("postcode"),
        read.flag("noFixedAddress", false),
        read.flag("tiesToDistrict"),
        read.flag("hidden", false),
        read.group("mailing") == null ? null : address(read.group("mailing")));
  }

  private static Person person(Answers read) {
    var nights = read.number("nightsHere");
    var away = read.group("away");
    var contact = read.group("contact");
    return new Person(
        read.text("id"),
        read.word(Role.class, "role"),
        read.text("givenName"),
        read.text("familyName"),
        each(
            read.groups("otherNames"),
            other -> new OtherName(other.word(OtherNameKind.class, "kind"), other.text("name"))),
        read.text("nameInScript"),
        read.text("addressAs"),
        read.date("birthDate"),
        read.word(Sex.class, "sex"),
        read.flag("disabled", false),
        read.flag("sharesMoney", true),
        nights == null ? EVERY_NIGHT : nights.toDecimal().intValueExact(),
        away == null ? null : new Away(away.word(AwayReason.class, "why"), away.date("since")),
        read.text("residentNumber"),
        read.word(MissingNumber.class, "residentNumberMissing"),
        contact == null ? null : contact(contact),
        read.text("guardian"));
  }

  private static Contact contact(Answers read) {
    return new Contact(
        read.text("phone"),
        read.text("email"),
        read.flag("mayCall"),
        read.flag("mayText"),
        read.flag("mayWrite"),
        read.text("bestTime"));
  }

  private static Income income(Answers read) {
    var hourly = read.number("hourlyRate");
    return new Income(
        read.text("id"),
        read.text("person"),
        read.word(IncomeKind.class, "kind"),
        hourly == null ? read.number("amount") : byTheHour(hourly, read.number("hoursPerWeek")),
        hourly == null ? read.word(Frequency.class, "frequency") : Frequency.WEEKLY,
        read.text("employer"),
        read.date("startsOn"),
        read.date("endsOn"),
        read.number("businessCosts"),
        each(
            read.groups("payslips"),
            slip -> new Payslip(slip.date("periodEnd"), slip.number("gross"))),
        read.number("registerMonthly"));
  }

  private static @Nullable Amount byTheHour(Amount rate, @Nullable Amount hours) {
    return hours == null ? null : rate.times(hours);
  }

  private static Payment payment(Answers read) {
    return new Payment(
        read.word(PaymentMethod.class, "method"), read.text("iban"), read.text("holder"));
  }

  private static Paper paper(Answers read) {
    return new Paper(
        read.word(PaperKind.class, "kind"),
        read.text("person"),
        read.text("income"),
        read.text("employer"),
        read.date("issuedOn"),
        read.date("expiresOn"),
        read.text("nameOnPaper"),
        read.flag("nameAccepted"),
        read.date("birthDateOnPaper"),
        read.text("addressOnPaper"),
        read.texts("mrz"),
        read.flag("reportedLost", false),
        read.flag("accepted"),
        read.text("replaces"),
        read.text("note"));
  }

  private static Signature signature(Answers read) {
    return new Signature(
        read.text("person"),
        read.text("name"),
        read.date("on"),
        read.word(SigningMethod.class, "method"),
        read.text("witness"),
        read.text("heardBy"),
        read.text("language"),
        read.texts("statements"));
  }
}
