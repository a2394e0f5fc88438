package civitane.packet;

import civitane.core.facts.AssetKind;
import civitane.core.facts.AwayReason;
import civitane.core.facts.Benefit;
import civitane.core.facts.Channel;
import civitane.core.facts.ConsentTo;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Frequency;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.MissingNumber;
import civitane.core.facts.OtherNameKind;
import civitane.core.facts.PaperKind;
import civitane.core.facts.PaymentMethod;
import civitane.core.facts.Role;
import civitane.core.facts.Sex;
import civitane.core.facts.SigningMethod;
import civitane.core.services.Services;
import civitane.packet.shape.AnswerShape;
import civitane.packet.shape.Kind;
import civitane.packet.shape.Shape;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The shape of a packet, without the answers of its requests, which differ by service. */
public final class PacketShape {
  public static final String FORMAT = "civitane-packet";
  public static final int VERSION = 1;
  public static final Map<String, Shape> ANSWERS = answers();

  private static final int NIGHTS = 14;
  private static final int MOST_EXPECTED = 20;
  private static final Shape TEXT = Shape.of(Kind.TEXT);
  private static final Shape TEXTS = Shape.listOf(TEXT);
  private static final Shape FLAG = Shape.of(Kind.FLAG);
  private static final Shape DATE = Shape.of(Kind.DATE);
  private static final Shape MONEY = Shape.of(Kind.MONEY);
  private static final Shape PERSON = Shape.of(Kind.PERSON);
  private static final Shape FREQUENCY = Shape.words(Frequency.values());

  public static final Shape HOUSEHOLD = household();
  static final Shape PAPERS = Shape.listOf(paper());
  static final Shape SIGNATURES = Shape.listOf(signature());
  static final Shape PACKET = packet();

  private PacketShape() {}

  private static Map<String, Shape> answers() {
    var answers = new LinkedHashMap<String, Shape>();
    Services.all().forEach(service -> answers.put(service.word(), AnswerShape.of(service)));
    return answers;
  }

  private static Map<String, Shape> fields(Object... keysAndShapes) {
    var fields = new LinkedHashMap<String, Shape>();
    for (var i = 0; i < keysAndShapes.length; i += 2) {
      fields.put((String) keysAndShapes[i], (Shape) keysAndShapes[i + 1]);
    }
    return fields;
  }

  private static Shape packet() {
    return Shape.object(
        fields(
            "format", Shape.words(List.of(FORMAT)),
            "version", Shape.of(Kind.WHOLE),
            "lodgedOn", DATE,
            "assessedOn", DATE,
            "asOf", DATE,
            "lodgedAt", Shape.of(Kind.TIMESTAMP),
            "channel", Shape.words(Channel.values()),
            "language", TEXT,
            "household", HOUSEHOLD,
            "requests", Shape.listOf(Shape.of(Kind.ELSEWHERE)),
            "papers", PAPERS,
            "signatures", SIGNATURES),
        "format",
        "version",
        "lodgedOn",
        "household");
  }

  private static Shape household() {
    return Shape.object(
        fields(
            "address", address(),
            "people", Shape.listOf(person()),
            "expectedChildren", Shape.upTo(MOST_EXPECTED),
            "incomes", Shape.listOf(income()),
            "noIncome",
                Shape.listOf(Shape.object(
                    fields("person", PERSON, "since", DATE, "livesOn", TEXT, "statedOn", DATE),
                    "person")),
            "expenses",
                Shape.listOf(Shape.object(
                    fields(
                        "kind",
                        Shape.words(ExpenseKind.values()),
                        "amount",
                        MONEY,
                        "frequency",
                        FREQUENCY,
                        "person",
                        PERSON),
                    "kind")),
            "assets",
                Shape.listOf(Shape.object(
                    fields(
                        "person", PERSON, "kind", Shape.words(AssetKind.values()), "value", MONEY),
                    "kind")),
            "benefits", Shape.listOf(Shape.words(Benefit.values())),
            "payment",
                Shape.object(
                    fields(
                        "method",
                        Shape.words(PaymentMethod.values()),
                        "iban",
                        Shape.of(Kind.IBAN),
                        "holder",
                        TEXT),
                    "method"),
            "consents",
                Shape.listOf(Shape.object(
                    fields(
                        "person",
                        PERSON,
                        "to",
                        Shape.words(ConsentTo.values()),
                        "on",
                        DATE,
                        "until",
                        DATE),
                    "person",
                    "to"))),
        "people");
  }

  private static Shape address() {
    var lines = fields(
        "line1",
        TEXT,
        "town",
        TEXT,
        "postcode",
        TEXT,
        "noFixedAddress",
        FLAG,
        "tiesToDistrict",
        FLAG,
        "hidden",
        FLAG);
    var whole = new LinkedHashMap<>(lines);
    whole.put("mailing", Shape.object(lines));
    return Shape.object(whole);
  }

  private static Shape person() {
    return Shape.object(
        fields(
            "id", TEXT,
            "role", Shape.words(Role.values()),
            "givenName", TEXT,
            "familyName", TEXT,
            "otherNames",
                Shape.listOf(Shape.object(
                    fields("kind", Shape.words(OtherNameKind.values()), "name", TEXT),
                    "kind",
                    "name")),
            "nameInScript", TEXT,
            "addressAs", TEXT,
            "birthDate", DATE,
            "sex", Shape.words(Sex.values()),
            "disabled", FLAG,
            "sharesMoney", FLAG,
            "nightsHere", Shape.upTo(NIGHTS),
            "away",
                Shape.object(fields("why", Shape.words(AwayReason.values()), "since", DATE), "why"),
            "residentNumber", Shape.of(Kind.RESIDENT_NUMBER),
            "residentNumberMissing", Shape.words(MissingNumber.values()),
            "contact",
                Shape.object(fields(
                    "phone",
                    TEXT,
                    "email",
                    TEXT,
                    "mayCall",
                    FLAG,
                    "mayText",
                    FLAG,
                    "mayWrite",
                    FLAG,
                    "bestTime",
                    TEXT)),
            "guardian", PERSON),
        "id",
        "role");
  }

  private static Shape income() {
    return Shape.object(
        fields(
            "id", TEXT,
            "person", PERSON,
            "kind", Shape.words(IncomeKind.values()),
            "amount", MONEY,
            "frequency", FREQUENCY,
            "employer", TEXT,
            "startsOn", DATE,
            "endsOn", DATE,
            "businessCosts", MONEY,
            "payslips",
                Shape.listOf(
                    Shape.object(fields("periodEnd", DATE, "gross", MONEY), "periodEnd", "gross")),
            "registerMonthly", MONEY,
            "hourlyRate", MONEY,
            "hoursPerWeek", Shape.of(Kind.NUMBER)),
        "id",
        "person",
        "kind");
  }

  private static Shape paper() {
    return Shape.object(
        fields(
            "kind", Shape.words(PaperKind.values()),
            "person", PERSON,
            "income", Shape.of(Kind.INCOME),
            "employer", TEXT,
            "issuedOn", DATE,
            "expiresOn", DATE,
            "nameOnPaper", TEXT,
            "nameAccepted", FLAG,
            "birthDateOnPaper", DATE,
            "addressOnPaper", TEXT,
            "mrz", TEXTS,
            "reportedLost", FLAG,
            "accepted", FLAG,
            "replaces", TEXT,
            "note", TEXT),
        "kind");
  }

  private static Shape signature() {
    return Shape.object(
        fields(
            "person", PERSON,
            "name", TEXT,
            "on", DATE,
            "method", Shape.words(SigningMethod.values()),
            "witness", TEXT,
            "heardBy", TEXT,
            "language", TEXT,
            "statements", TEXTS),
        "person");
  }
}
