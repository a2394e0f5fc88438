package civitane.app.load;

import civitane.core.rates.RateShelf;
import civitane.core.services.Screening;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntConsumer;
import javax.sql.DataSource;

/**
 * Fills the tables with very many made-up households and claims: past the application, but by its rules and moves.
 *
 * @param households how many
 * @param claims of all of them together, at least one each
 * @param seed the same seed makes the same families and lives
 */
record Load(int households, int claims, long seed) {
  /** What one transaction carries. */
  private static final int HOUSEHOLDS_AT_ONCE = 500;

  private static final int AT_ONCE = 2;
  private static final int STAFF = 60;
  private static final int PEOPLE_AT_MOST = 8;
  private static final int FIRST_RESIDENT = 100_000_000;

  /** One claim of so many is still worked on. */
  private static final int ONE_OPEN_OF = 20;

  Load {
    if (households < 1 || claims < households) {
      throw new IllegalArgumentException("there are as many claims as households, or more");
    }
  }

  /**
   * Loads it all.
   *
   * @param progress told now and then how many claims are there
   */
  void into(DataSource database, RateShelf rates, LocalDate today, IntConsumer progress)
      throws SQLException {
    var screening = new Screening(rates);
    var staff = staff(database);
    var number = firstNumber(database);
    var resident = FIRST_RESIDENT + (int) number(database, "select count(*) from known_person");
    var parts = (households + HOUSEHOLDS_AT_ONCE - 1) / HOUSEHOLDS_AT_ONCE;
    var workers = Executors.newFixedThreadPool(AT_ONCE);
    try {
      var loading = new ArrayList<Future<?>>();
      for (var i = 0; i < parts; i++) {
        var part = i;
        loading.add(workers.submit(() -> {
          var rows = new Rows();
          var families = new Families(
              seed + part, today, resident + part * HOUSEHOLDS_AT_ONCE * PEOPLE_AT_MOST);
          var lives = new Lives(
              rates, screening, seed + part, today, staff, number + before(claims, part), rows);
          live(part, families, lives);
          write(database, rows);
          return null;
        }));
      }
      for (var i = 0; i < parts; i++) {
        loading.get(i).get();
        progress.accept(before(claims, i + 1));
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (ExecutionException e) {
      throw new IllegalStateException("a part could not be loaded", e.getCause());
    } finally {
      workers.shutdownNow();
    }
    run(database, "vacuum analyze");
  }

  /** How many of all come before a part. */
  private int before(int all, int part) {
    return (int) ((long) all * Math.min(households, part * HOUSEHOLDS_AT_ONCE) / households);
  }

  private void live(int part, Families families, Lives lives) {
    var left = before(households, part + 1) - before(households, part);
    var claimsLeft = before(claims, part + 1) - before(claims, part);
    var chance = new Random(seed + part);
    var openOf = (int) Math.max(1, (long) ONE_OPEN_OF * households / claims);
    for (; left > 0; left--) {
      var usual = claimsLeft / left;
      var own =
          left == 1 ? claimsLeft : Math.min(1 + chance.nextInt(2 * usual), claimsLeft - left + 1);
      lives.live(families.next(), families::later, own, chance.nextInt(openOf) == 0);
      claimsLeft -= own;
    }
  }

  private static void write(DataSource database, Rows rows) throws SQLException {
    try (var connection = database.getConnection()) {
      connection.setAutoCommit(false);
      unhurried(connection);
      rows.into(connection);
      connection.commit();
    }
  }

  /** Nobody waits for what is loaded, and it takes its time. */
  private static void unhurried(Connection connection) throws SQLException {
    try (var statement = connection.createStatement()) {
      statement.execute(
          connection.getAutoCommit()
              ? "set statement_timeout = 0"
              : "set local statement_timeout = 0");
    }
  }

  /** Colleagues to hold the claims, who can't sign in. */
  private static List<String> staff(DataSource database) throws SQLException {
    var logins = new ArrayList<String>();
    for (var i = 1; i <= STAFF; i++) {
      logins.add("desk" + i);
    }
    try (var connection = database.getConnection();
        var add = connection.prepareStatement(
            "insert into staff values (?, ?, 'CASEWORKER', '{argon2}*') on conflict do nothing")) {
      for (var login : logins) {
        add.setString(1, login);
        add.setString(2, "Colleague " + login.substring("desk".length()));
        add.addBatch();
      }
      add.executeBatch();
    }
    return logins;
  }

  /** The first of the running numbers that are set aside. */
  private int firstNumber(DataSource database) throws SQLException {
    var first = (int) number(database, "select nextval('claim_running')");
    number(database, "select setval('claim_running', " + (first + claims) + ")");
    return first;
  }

  private static long number(DataSource database, String sql) throws SQLException {
    try (var connection = database.getConnection();
        var statement = connection.createStatement();
        var found = statement.executeQuery(sql)) {
      found.next();
      return found.getLong(1);
    }
  }

  private static void run(DataSource database, String sql) throws SQLException {
    try (var connection = database.getConnection()) {
      unhurried(connection);
      try (var statement = connection.createStatement()) {
        statement.execute(sql);
        statement.execute("reset statement_timeout");
      }
    }
  }
}
