package civitane.core.rates;

import civitane.core.money.Amount;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.LocalDate;
import java.util.HexFormat;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.schema.FailsafeSchema;

/** The numbers of the rules in force from a day on. Money in euros, a year unless a name says otherwise. */
public final class RateBook {
  private final String name;
  private final LocalDate from;
  private final District district;
  private final Weights weights;
  private final Amount baseIncome;
  private final Amount middleIncome;
  private final IncomeCheck incomeCheck;
  private final int recentDays;
  private final String hash;
  private final Section whole;
  private final Map<Class<?>, Object> terms = new ConcurrentHashMap<>();

  private RateBook(Section whole, String hash) {
    this.hash = hash;
    this.whole = whole;
    this.name = whole.text("book");
    this.from = LocalDate.parse(whole.text("from"));
    this.district = District.of(whole.section("district").section("postcodes"));
    this.weights = Weights.of(whole.section("weights"));
    this.baseIncome = whole.amount("baseIncome");
    this.middleIncome = whole.amount("middleIncome");
    this.incomeCheck = IncomeCheck.of(whole.section("incomeCheck"));
    this.recentDays = whole.section("identity").whole("recentDays");
  }

  /** Reads a book from YAML, every number exactly as written. Throws {@link RateBookFault}. */
  public static RateBook read(InputStream yaml) {
    var settings = LoadSettings.builder().setSchema(new FailsafeSchema()).build();
    var text = bytes(yaml);
    if (new Load(settings).loadFromInputStream(new ByteArrayInputStream(text))
        instanceof Map<?, ?> entries) {
      return new RateBook(new Section("", entries), sha256(text));
    }
    throw new RateBookFault("it has no parts");
  }

  private static byte[] bytes(InputStream yaml) {
    try {
      return yaml.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String sha256(byte[] text) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(text));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }

  /** The SHA-256 of the book's text: of two with one hash every number is the same. */
  public String hash() {
    return hash;
  }

  /** The book's name, as in {@code 2026-07}. */
  public String name() {
    return name;
  }

  /** The first day it is in force. */
  public LocalDate from() {
    return from;
  }

  public District district() {
    return district;
  }

  public Weights weights() {
    return weights;
  }

  /** The income a year that a first person needs. */
  public Amount baseIncome() {
    return baseIncome;
  }

  /** The income a year in the middle of the district. */
  public Amount middleIncome() {
    return middleIncome;
  }

  public IncomeCheck incomeCheck() {
    return incomeCheck;
  }

  /** How many days a bill or statement speaks for where somebody lives. */
  public int recentDays() {
    return recentDays;
  }

  /** A service's own part, read once. */
  public <T> T terms(Class<T> type, Function<Section, T> reader) {
    var known = terms.get(type);
    return type.cast(
        known != null ? known : terms.computeIfAbsent(type, unread -> reader.apply(whole)));
  }
}
