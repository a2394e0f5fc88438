package civitane.app;

import civitane.app.demo.OfficeClock;
import civitane.core.rates.RateShelf;
import civitane.core.services.Screening;
import java.time.Clock;
import java.time.ZoneId;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** The application: keeps, serves and sends. */
@SpringBootApplication
public class CivitaneApplication {
  private static final ZoneId DISTRICT = ZoneId.of("Europe/Lisbon");

  public static void main(String[] arguments) {
    SpringApplication.run(CivitaneApplication.class, arguments);
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
  Screening screening(RateShelf rates) {
    return new Screening(rates);
  }
}
