package civitane.app.load;

import civitane.core.rates.RateShelf;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The command that loads very many made-up households, with a line for each twentieth. */
@Component
@ConditionalOnProperty("civitane.load.claims")
class LoadCommand implements ApplicationRunner {
  private static final int LINES = 20;

  private final DataSource database;
  private final RateShelf rates;
  private final Clock clock;
  private final Load load;

  LoadCommand(
      DataSource database,
      RateShelf rates,
      Clock clock,
      @Value("${civitane.load.households}") int households,
      @Value("${civitane.load.claims}") int claims,
      @Value("${civitane.load.seed:1}") long seed) {
    this.database = database;
    this.rates = rates;
    this.clock = clock;
    this.load = new Load(households, claims, seed);
  }

  @Override
  public void run(ApplicationArguments arguments) throws SQLException {
    var step = Math.max(1, load.claims() / LINES);
    var said = new int[] {0};
    load.into(database, rates, LocalDate.now(clock), claims -> {
      if (claims / step > said[0]) {
        said[0] = claims / step;
        System.out.printf("%,d of %,d claims%n", claims, load.claims());
      }
    });
    System.out.printf(
        "%,d households and %,d claims are loaded.%n", load.households(), load.claims());
  }
}
