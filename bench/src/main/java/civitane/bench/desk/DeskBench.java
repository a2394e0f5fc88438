package civitane.bench.desk;

import java.io.IOException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/**
 * Twenty workers at once at a desk that is running: its first page, a later one, a round, finding a name, a claim, a household.
 *
 * <p>Each is asked over HTTP for some seconds without a pause, then by workers who look at what they see, then the
 * statements it needs are asked of the database without a pause. It ends with two lines each, in milliseconds.
 */
public final class DeskBench {
  private static final int WORKERS = 20;
  private static final int WARM = 8;
  private static final int COUNTED = 15;
  private static final int COUNTED_LOOKING = 40;

  /** Nobody turns pages faster for long. */
  private static final Duration LOOKING = Duration.ofSeconds(2);

  private static final List<String> ROUNDS = List.of("decide", "answer", "takeUp");
  private static final List<String> STEPS = List.of("DECIDE", "ANSWER", "TAKE_UP");

  private final Workers<Caller> callers;
  private final Workers<BareDesk> bare;
  private final List<String> only;
  private final List<String> lines = new ArrayList<>();

  private DeskBench(List<String> only, List<Caller> callers, List<BareDesk> bare) {
    this.only = only;
    this.callers = new Workers<>(callers);
    this.bare = new Workers<>(bare);
  }

  /** The address of the desk and the database's, and what to measure where not all of it; a caseworker of the demo signs in. */
  public static void main(String[] arguments) throws Exception {
    var connections = new ArrayList<Connection>();
    try {
      var bare = new ArrayList<BareDesk>();
      var callers = new ArrayList<Caller>();
      for (var i = 0; i < WORKERS; i++) {
        var connection = DriverManager.getConnection(arguments[1], "civitane", "");
        connections.add(connection);
        bare.add(new BareDesk(connection));
        callers.add(new Caller(arguments[0], "ikenna", "ikenna-ikenna"));
      }
      new DeskBench(List.of(arguments).subList(2, arguments.length), callers, bare)
          .run(Known.in(connections.get(0)));
    } finally {
      for (var connection : connections) {
        connection.close();
      }
    }
  }

  private void run(Known known) throws Exception {
    measure("desk-first", (who, chance) -> who.get("/api/desk"), (sql, chance) -> sql.first());
    measure(
        "desk-next",
        (who, chance) -> who.get("/api/desk" + Known.any(known.places(), chance).query()),
        (sql, chance) -> sql.next(Known.any(known.places(), chance)));
    measure(
        "round",
        (who, chance) -> who.get("/api/desk?round=" + Known.any(ROUNDS, chance)),
        (sql, chance) -> sql.round(Known.any(STEPS, chance)));
    measure(
        "find",
        (who, chance) -> find(who, Known.any(known.names(), chance)),
        (sql, chance) -> sql.find(Known.any(known.names(), chance)));
    measure(
        "claim",
        (who, chance) -> who.get("/api/claims/" + Known.any(known.numbers(), chance)),
        (sql, chance) -> sql.claim(Known.any(known.numbers(), chance)));
    measure(
        "household",
        (who, chance) -> who.get("/api/households/" + Known.any(known.households(), chance)),
        (sql, chance) -> sql.household(UUID.fromString(Known.any(known.households(), chance))));
    lines.forEach(System.out::println);
  }

  private static void find(Caller who, String name) throws IOException, InterruptedException {
    who.post("/api/households/search", "{\"start\": \"" + name.replace("\"", "") + "\"}");
  }

  private void measure(String what, Workers.Asking<Caller> asked, Workers.Asking<BareDesk> needed)
      throws Exception {
    if (!only.isEmpty() && !only.contains(what)) {
      return;
    }
    System.err.println("Measuring " + what + " …");
    var times = callers.times(WARM, COUNTED, asked);
    var looking = callers.times(WARM, COUNTED_LOOKING, asked, LOOKING);
    var without = bare.times(WARM / 2, COUNTED, needed);
    for (var line : List.of(times.line(what, without), looking.line(what + " looking"))) {
      System.err.println(line);
      lines.add(line);
    }
  }
}
