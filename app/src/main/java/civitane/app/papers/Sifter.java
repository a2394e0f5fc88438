package civitane.app.papers;

import java.io.IOException;
import org.springframework.stereotype.Component;

/** Looks through what came in: by the office's scanner first, then by what is in it. */
@Component
class Sifter {
  private final Scanner scanner;

  Sifter(Scanner scanner) {
    this.scanner = scanner;
  }

  Sifting.Fit fit(Incoming file) throws IOException {
    scanner.look(file.path());
    return Sifting.of(file.path());
  }
}
