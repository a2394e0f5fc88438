package civitane.app.production;

import civitane.app.problems.Problem;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.ExitCodeGenerator;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * The command that keeps the log-ins: {@code add LOGIN NAME ROLE}, {@code disable LOGIN}, {@code password LOGIN},
 * {@code role LOGIN ROLE}, {@code street LOGIN STREET} or {@code list}. A password comes on standard input, never as an argument, which others see.
 */
@Component
@ConditionalOnProperty("civitane.staff")
class StaffCommand implements ApplicationRunner, ExitCodeGenerator {
  private static final int WRONG_USE = 2;

  private final StaffRoll roll;
  private final String what;
  private final boolean byPassword;
  private int exitCode;

  StaffCommand(
      StaffRoll roll,
      @Value("${civitane.staff}") String what,
      @Value("${civitane.oidc.issuer:}") String issuer) {
    this.roll = roll;
    this.what = what;
    this.byPassword = issuer.isEmpty();
  }

  @Override
  public void run(ApplicationArguments arguments) throws IOException {
    try {
      done(arguments.getNonOptionArgs());
    } catch (Problem e) {
      System.out.println("civitane: " + e.getMessage());
      exitCode = 1;
    }
  }

  private void done(List<String> words) throws IOException {
    var login = words.isEmpty() ? "" : words.get(0);
    switch (what + " " + words.size()) {
      case "add 3" -> roll.add(login, words.get(1), words.get(2), byPassword ? password() : null);
      case "disable 1" -> roll.disable(login);
      case "password 1" -> roll.password(login, password());
      case "role 2" -> roll.role(login, words.get(1));
      case "street 2" -> roll.street(login, words.get(1));
      case "list 0" ->
        roll.all()
            .forEach(one -> System.out.println(one.login() + "  " + one.name() + "  "
                + one.role().word() + (one.disabled() ? "  disabled" : "")));
      default -> {
        System.out.println("civitane: staff add LOGIN NAME ROLE | disable LOGIN | password LOGIN |"
            + " role LOGIN ROLE | street LOGIN STREET | list");
        exitCode = WRONG_USE;
      }
    }
  }

  private static String password() throws IOException {
    var line =
        new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)).readLine();
    return line == null ? "" : line;
  }

  @Override
  public int getExitCode() {
    return exitCode;
  }
}
