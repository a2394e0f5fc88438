package civitane.app.forgetting;

import civitane.app.problems.Problem;
import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.ExitCodeGenerator;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.stereotype.Component;

/**
 * The command that forgets: {@code list} tells which households' keeping time is over, {@code household ID …} forgets some of
 * them with what goes with them.
 */
@Component
@ConditionalOnProperty("civitane.forget")
class ForgetCommand implements ApplicationRunner, ExitCodeGenerator {
  private static final int WRONG_USE = 2;

  private final Forgetting forgetting;
  private final KeepingTime keeping;
  private final String what;
  private final DataSource owner;
  private int exitCode;

  ForgetCommand(
      Forgetting forgetting,
      KeepingTime keeping,
      @Value("${civitane.forget}") String what,
      @Value("${spring.datasource.url}") String url,
      @Value("${civitane.owner.name}") String owner,
      @Value("${civitane.owner.password}") String password) {
    this.forgetting = forgetting;
    this.keeping = keeping;
    this.what = what;
    this.owner = new DriverManagerDataSource(url, owner, password);
  }

  @Override
  public void run(ApplicationArguments arguments) throws SQLException {
    var words = arguments.getNonOptionArgs();
    if (what.equals("list") && words.isEmpty()) {
      list();
    } else if (what.equals("household") && !words.isEmpty()) {
      for (var word : words) {
        forget(word);
      }
    } else {
      System.out.println("civitane: forget list | household ID …");
      exitCode = WRONG_USE;
    }
  }

  private void list() {
    var over = keeping.over();
    over.forEach(together -> System.out.println(said(List.copyOf(together))));
    if (over.isEmpty()) {
      System.out.println("Nobody's keeping time is over.");
    }
  }

  private static String said(List<UUID> together) {
    return together.size() == 1
        ? together.get(0).toString()
        : together.get(0) + ", with "
            + String.join(", ", together.stream().skip(1).map(UUID::toString).toList());
  }

  private void forget(String word) throws SQLException {
    try {
      var forgotten = forgetting.forget(owner, UUID.fromString(word));
      System.out.println("Forgotten: " + said(List.copyOf(forgotten)));
    } catch (Problem e) {
      refuse(String.valueOf(e.getMessage()));
    } catch (IllegalArgumentException e) {
      refuse("“" + word + "” is no household's id; forget list prints them.");
    }
  }

  private void refuse(String because) {
    System.out.println("civitane: " + because);
    exitCode = 1;
  }

  @Override
  public int getExitCode() {
    return exitCode;
  }
}
