package civitane.app.determining;

import civitane.app.catalogue.Catalogue;
import civitane.app.catalogue.DeskWords;
import civitane.core.facts.HouseholdsWord;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Request;
import civitane.core.matching.Plausibility;
import civitane.core.rates.RateBook;
import civitane.core.rates.RateShelf;
import civitane.core.reasons.Argument.Missing;
import civitane.core.rules.Mode;
import civitane.core.rules.Question;
import civitane.core.rules.Result;
import civitane.core.services.Conversation;
import civitane.core.services.Screening;
import civitane.core.services.Services;
import civitane.core.services.decisionappeal.DecisionAppeal;
import civitane.core.time.LastDay;
import civitane.packet.PacketReader;
import civitane.packet.ResultWriter;
import civitane.words.Language;
import civitane.words.Voice;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Works packets and drafts out; keeps nothing. */
@Service
public class Screenings {
  private final PacketReader reader;
  private final Screening screening;
  private final Screening asCounted;
  private final LastDay lastDays;
  private final RateShelf rates;
  private final Clock clock;
  private final JsonMapper json;

  Screenings(RateShelf rates, Screening screening, LastDay lastDays, Clock clock, JsonMapper json) {
    this.reader = new PacketReader(rates);
    this.screening = screening;
    this.asCounted = new Screening(rates);
    this.lastDays = lastDays;
    this.rates = rates;
    this.clock = clock;
    this.json = json;
  }

  public PacketReader.Reading read(byte[] packet) {
    return reader.read(packet);
  }

  /** A packet that was read without a fault, as a tree. */
  public JsonNode tree(byte[] packet) {
    return json.readTree(packet);
  }

  public PacketReader.Reading read(JsonNode packet) {
    return reader.read(packet.toString().getBytes(StandardCharsets.UTF_8));
  }

  /** The facts of a packet, to be put otherwise. */
  public ChangedFacts changing(Packet packet) {
    return new ChangedFacts(this, json, packet);
  }

  public List<Result> results(Packet packet, Mode mode) {
    return screening.of(packet, mode);
  }

  /** What a place in a packet asks. */
  public Missing place(Packet packet, String pointer) {
    return screening.place(packet, pointer);
  }

  /** What helps whoever works on the only request of a packet. */
  public Record aids(Packet packet) {
    return screening.aids(packet).get(0);
  }

  private List<ResultView> views(Packet packet, List<Result> results) {
    var aids = screening.aids(packet);
    return IntStream.range(0, results.size())
        .mapToObj(
            i -> ResultView.of(results.get(i), isAsked(packet.requests().get(i)), aids.get(i)))
        .toList();
  }

  /** Whether anything has been answered of what a service asks; one that has to ask nothing of its own always has. */
  private static boolean isAsked(Request request) {
    var service = Services.named(request.service()).orElseThrow();
    return service.questions().stream().allMatch(Question::optional)
        || !request.answers().equals(service.nothingAnswered());
  }

  /** The same JSON that the command line prints for a packet: what it comes to at no office in particular. */
  String exchange(byte[] packet, Mode mode) {
    var writer = new ResultWriter(false, Language.EN);
    var reading = reader.read(packet);
    return reading.packet() == null
        ? writer.faults(reading.faults())
        : writer.results(asCounted.of(reading.packet(), mode));
  }

  /**
   * What a draft leads to as it stands; whatever can't be read yet is left out and said.
   *
   * @param reachedOn the day it reached the office; null where that is today
   * @param books fills in what the office holds
   */
  public Margin margin(
      JsonNode draft, @Nullable LocalDate reachedOn, Mode mode, UnaryOperator<Packet> books) {
    var dated = (ObjectNode) draft.deepCopy();
    var today = LocalDate.now(clock);
    var counts = reachedOn == null || reachedOn.isAfter(today) ? today : reachedOn;
    dated.put("lodgedOn", counts.toString());
    dated.remove("asOf");
    var lenient = new LenientReading(this).read(dated);
    if (lenient.packet() == null) {
      return Margin.ofFaults(lenient.faults());
    }
    var packet = books.apply(HouseholdsWord.of(lenient.packet()).packet());
    var results = screening.of(packet, mode);
    var book = rates.on(counts).orElseThrow();
    return new Margin(
        views(packet, results),
        lenient.faults(),
        Plausibility.of(packet.household(), today, book).stream()
            .map(doubt ->
                new Margin.Doubt(doubt.pointer(), DeskWords.WORDS.say(doubt.because(), Voice.DESK)))
            .toList(),
        screening.alsoLikely(packet).stream()
            .filter(Screening.Likelihood::likely)
            .map(likely -> new Margin.AlsoLikely(
                likely.service(),
                Catalogue.title(likely.service()),
                likely.missing().stream().map(ResultView.MissingView::of).toList()))
            .toList(),
        monthly(packet),
        (int) packet.household().people().stream().filter(Person::livesHere).count(),
        Wants.of(packet, screening).stream()
            .map(want -> new Margin.Wanted(want.kind(), want.of(), want.services()))
            .toList(),
        Signers.of(packet).stream()
            .map(signer -> new Margin.Signing(
                signer.person(),
                signer.name(),
                signer.applies(),
                signer.signed(),
                signer.words(),
                signer.statements()))
            .toList(),
        Conversation.adults(packet).stream().map(Person::id).toList());
  }

  /** The facts of a draft as far as they can be read, as if it were lodged today; null when nothing can be. */
  public @Nullable Packet readable(JsonNode draft) {
    var dated = (ObjectNode) draft.deepCopy();
    dated.put("lodgedOn", LocalDate.now(clock).toString());
    dated.remove("asOf");
    return new LenientReading(this).read(dated).packet();
  }

  /** The last day to appeal against what is decided today. */
  public LocalDate appealableUntil() {
    return appealableUntil(LocalDate.now(clock));
  }

  /** The last day to appeal against what was decided on a day. */
  public LocalDate appealableUntil(LocalDate decided) {
    return DecisionAppeal.lastDay(rates.on(decided).orElseThrow(), decided, lastDays);
  }

  /** The rate book that a packet is worked out by. */
  public RateBook book(Packet packet) {
    return rates.on(packet.assessedOn()).orElseThrow();
  }

  RateBook book() {
    return rates.on(LocalDate.now(clock)).orElseThrow();
  }

  private static Map<String, BigDecimal> monthly(Packet packet) {
    var monthly = new LinkedHashMap<String, BigDecimal>();
    for (var income : packet.household().incomes()) {
      if (income.takings() != null && income.every() != null) {
        var yearly = income.takings().times(income.every().periods());
        monthly.put(income.id(), yearly.dividedBy(12).round2().toDecimal());
      }
    }
    return monthly;
  }
}
