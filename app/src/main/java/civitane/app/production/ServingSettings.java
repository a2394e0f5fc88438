package civitane.app.production;

import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What is set for serving a real office, by the names of its settings. Nothing of it has a value by itself: what is not
 * said is not guessed.
 */
public final class ServingSettings {
  private final Function<String, @Nullable String> settings;
  private final List<String> faults = new ArrayList<>();

  private ServingSettings(Function<String, @Nullable String> settings) {
    this.settings = settings;
  }

  /**
   * Throws {@link Refused} where something is missing or can't be, with a sentence each.
   *
   * @param settings a setting by its name; null where it is not set
   */
  public static void check(Function<String, @Nullable String> settings) {
    var faults = faults(settings);
    if (!faults.isEmpty()) {
      throw new Refused(faults);
    }
  }

  static List<String> faults(Function<String, @Nullable String> settings) {
    var set = new ServingSettings(settings);
    set.database();
    set.address();
    set.keys();
    set.registers();
    set.signingIn();
    return set.faults;
  }

  private String of(String name) {
    var value = settings.apply(name);
    return value == null ? "" : value.strip();
  }

  private void need(String name, String what) {
    if (of(name).isEmpty()) {
      faults.add(name + " is not set: " + what + ".");
    }
  }

  private void database() {
    need(
        "CIVITANE_DB_URL",
        "where the database is, as in jdbc:postgresql://db.example:5432/civitane");
    var at = of("CIVITANE_DB_URL");
    if (!at.isEmpty()
        && !isOnThisMachine(at.replaceFirst("^jdbc:", ""))
        && !at.contains("sslmode=verify-full")) {
      faults.add(
          "CIVITANE_DB_URL leads to another machine: what goes over a network goes encrypted,"
              + " to whom it is meant for, so sslmode=verify-full belongs into it.");
    }
    need("CIVITANE_DB_USER", "the database role of the application, which owns nothing");
    need("CIVITANE_DB_PASSWORD", "the password of that role");
  }

  private void address() {
    var address = of("CIVITANE_PUBLIC_ADDRESS");
    if (address.isEmpty()) {
      need("CIVITANE_PUBLIC_ADDRESS", "where people reach it, as in https://desk.example");
    } else if (!address.startsWith("https://")) {
      faults.add("CIVITANE_PUBLIC_ADDRESS is " + address
          + ": what goes over a network goes encrypted, so it begins with https://.");
    }
    var files = List.of("CIVITANE_TLS_CERTIFICATE", "CIVITANE_TLS_KEY");
    if (of("CIVITANE_BEHIND_PROXY").isEmpty()) {
      if (files.stream().allMatch(name -> of(name).isEmpty())) {
        faults.add(
            "Neither CIVITANE_BEHIND_PROXY nor CIVITANE_TLS_CERTIFICATE and CIVITANE_TLS_KEY are set:"
                + " the address of the proxy that encrypts, or the files to encrypt with.");
      } else {
        files.forEach(this::readable);
      }
    } else if (!isOnThisMachine("https://" + of("CIVITANE_BEHIND_PROXY"))
        && files.stream().allMatch(name -> of(name).isEmpty())) {
      faults.add(
          "CIVITANE_BEHIND_PROXY is another machine: what goes over a network goes encrypted,"
              + " so CIVITANE_TLS_CERTIFICATE and CIVITANE_TLS_KEY are wanted too.");
    } else if (files.stream().anyMatch(name -> !of(name).isEmpty())) {
      files.forEach(this::readable);
    }
  }

  private void readable(String name) {
    if (of(name).isEmpty() || !Files.isReadable(Path.of(of(name)))) {
      faults.add(name + " names no file that can be read.");
    }
  }

  private void keys() {
    need(
        "CIVITANE_SIGNING_KEY",
        "the file of the key that the office signs with; it is made where there is none yet");
    need(
        "CIVITANE_AUDIT_KEY",
        "the file of the key that links the log; it is made where there is none yet");
    need(
        "CIVITANE_AUDIT_ANCHOR",
        "the file, outside the database, in which is marked each hour where the log is");
  }

  private void registers() {
    var at = of("CIVITANE_REGISTERS_AT");
    if (!at.isEmpty() && isOnThisMachine(at) && !of("CIVITANE_STAND_INS").equals("allowed")) {
      faults.add(
          "CIVITANE_REGISTERS_AT is on this machine, where made-up registers stand in for real ones:"
              + " set CIVITANE_STAND_INS to allowed if that is meant.");
    }
    if (!at.isEmpty() && !isOnThisMachine(at) && !at.startsWith("https://")) {
      faults.add("CIVITANE_REGISTERS_AT is " + at
          + ": what goes over a network goes encrypted, so it begins with https://.");
    }
    var pair = List.of("CIVITANE_REGISTERS_CERTIFICATE", "CIVITANE_REGISTERS_KEY");
    if (pair.stream().anyMatch(name -> !of(name).isEmpty())) {
      pair.forEach(this::readable);
    }
    if (!of("CIVITANE_REGISTERS_CA").isEmpty()) {
      readable("CIVITANE_REGISTERS_CA");
    }
    var scanner = of("CIVITANE_SCANNER_AT");
    if (!scanner.isEmpty() && !scanner.matches(".+:\\d{1,5}")) {
      faults.add(
          "CIVITANE_SCANNER_AT is " + scanner + ": it is a host and a port, as in 127.0.0.1:3310.");
    }
  }

  /** All of it or nothing: staff get in by the office's own server, or by passwords that are kept here. */
  private void signingIn() {
    var names = List.of("CIVITANE_OIDC_ISSUER", "CIVITANE_OIDC_CLIENT", "CIVITANE_OIDC_SECRET");
    if (names.stream().allMatch(name -> of(name).isEmpty())) {
      return;
    }
    need(
        "CIVITANE_OIDC_ISSUER",
        "the OpenID Connect server of the office, as in https://id.example");
    need("CIVITANE_OIDC_CLIENT", "what Civitane is called at that server");
    need("CIVITANE_OIDC_SECRET", "what it shows there that it is Civitane");
    var issuer = of("CIVITANE_OIDC_ISSUER");
    if (!issuer.isEmpty() && !issuer.startsWith("https://")) {
      faults.add("CIVITANE_OIDC_ISSUER is " + issuer
          + ": what goes over a network goes encrypted, so it begins with https://.");
    }
  }

  private static boolean isOnThisMachine(String address) {
    try {
      var uri = URI.create(address);
      var host = uri.getHost();
      if (host == null) {
        // Several hosts are none that can be read, and anywhere.
        return uri.getRawAuthority() == null;
      }
      return host.equals("localhost") || host.startsWith("127.") || host.equals("[::1]");
    } catch (IllegalArgumentException e) {
      return true;
    }
  }
}
