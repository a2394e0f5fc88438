package civitane.app;

import civitane.app.demo.OfficeClock;
import civitane.app.production.Migration;
import civitane.app.production.ServingSettings;
import civitane.core.rates.RateShelf;
import civitane.core.services.Screening;
import civitane.core.time.LastDay;
import civitane.packet.PacketReader;
import civitane.packet.form.BatchReader;
import civitane.packet.form.FormReader;
import civitane.packet.form.FormWriter;
import java.io.IOException;
import java.sql.SQLException;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.core.env.MapPropertySource;

/** The application: keeps, serves and sends. */
@SpringBootApplication
public class CivitaneApplication {
  private static final String LATIN = "/letter-fonts/AtkinsonHyperlegible_400Regular.ttf";
  private static final String VALUES = "/letter-fonts/Literata_400Regular.ttf";
  private static final String ARABIC = "/letter-fonts/NotoNaskhArabic_400Regular.ttf";

  /** What asks for a command that ends, in the place of serving. */
  private static final List<String> COMMANDS = List.of(
      "civitane.rerun",
      "civitane.load.claims",
      "civitane.staff",
      "civitane.audit",
      "civitane.key",
      "civitane.forget");

  private static final String PRODUCTION = "production";

  private static final ZoneId DISTRICT = ZoneId.of("Europe/Lisbon");

  public static void main(String[] arguments) throws SQLException {
    if (List.of(arguments).contains("--civitane.migrate=yes")) {
      migrate(System.getenv());
      return;
    }
    var application = application().run(arguments);
    if (COMMANDS.stream().anyMatch(application.getEnvironment()::containsProperty)) {
      System.exit(SpringApplication.exit(application));
    }
  }

  /** The application, which looks at how it is set up before it serves a real office. */
  public static SpringApplication application() {
    var application = new SpringApplication(CivitaneApplication.class);
    application.addInitializers(context -> {
      var environment = context.getEnvironment();
      if (COMMANDS.stream().anyMatch(environment::containsProperty)) {
        // It lacks what the office's work needs, as the key of the log, and is over soon.
        environment
            .getPropertySources()
            .addFirst(new MapPropertySource("command", Map.of("civitane.jobs", "off")));
      } else if (environment.matchesProfiles(PRODUCTION)) {
        ServingSettings.check(environment::getProperty);
      }
    });
    return application;
  }

  private static void migrate(Map<String, String> settings) throws SQLException {
    var steps = Migration.run(
        settings.getOrDefault("CIVITANE_DB_URL", ""),
        settings.getOrDefault("CIVITANE_DB_OWNER", ""),
        settings.getOrDefault("CIVITANE_DB_OWNER_PASSWORD", ""),
        settings.getOrDefault("CIVITANE_DB_USER", ""));
    System.out.println(steps == 0 ? "The database is of this version already." : "Migrated.");
  }

  /** The office's clock; dates are those of the district, wherever the machine stands. */
  @Bean
  Clock clock() {
    return new OfficeClock(DISTRICT);
  }

  @Bean
  RateShelf rates() {
    return RateShelf.shipped();
  }

  @Bean
  PacketReader packetReader(RateShelf rates) {
    return new PacketReader(rates);
  }

  @Bean
  FormReader formReader(PacketReader packets) {
    return new FormReader(packets);
  }

  @Bean
  BatchReader batchReader(PacketReader packets) {
    return new BatchReader(packets);
  }

  @Bean
  FormWriter formWriter() throws IOException {
    return new FormWriter(font(LATIN), font(VALUES), font(ARABIC));
  }

  private static byte[] font(String path) throws IOException {
    try (var font = CivitaneApplication.class.getResourceAsStream(path)) {
      return font.readAllBytes();
    }
  }

  /** The rules, tried out with every rate book: a broken one stops the start, not somebody's application. */
  @Bean
  Screening screening(RateShelf rates, LastDay lastDays) {
    var screening = new Screening(rates, lastDays);
    screening.tryOut();
    return screening;
  }
}
