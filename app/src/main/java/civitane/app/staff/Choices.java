package civitane.app.staff;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What somebody has chosen for their desk: it is theirs on every machine they sign in on. */
@Service
class Choices {
  /** What can be chosen, with what. */
  private static final Map<String, Set<String>> KNOWN = Map.of(
      "look", Set.of("day", "night"),
      "margin", Set.of("open", "folded"),
      "size", Set.of("plain", "large", "largest"),
      "keys", Set.of("on", "off"));

  /** A key that somebody has given another letter: named by the one it has by itself. */
  private static final Pattern KEY = Pattern.compile("key Alt\\+[A-Z]");

  private static final Pattern LETTER = Pattern.compile("Alt\\+[A-Z]");

  private final JdbcClient database;

  Choices(JdbcClient database) {
    this.database = database;
  }

  @Transactional(readOnly = true)
  Map<String, String> of(String login) {
    var choices = new TreeMap<String, String>();
    database
        .sql("select name, value from staff_choice where login = ?")
        .param(login)
        .query(row -> {
          choices.put(row.getString(1), row.getString(2));
        });
    return choices;
  }

  /** Keeps a choice; false where there is no such choice. */
  @Transactional
  boolean keep(String login, String name, String value) {
    var isKey = KEY.matcher(name).matches() && LETTER.matcher(value).matches();
    if (!isKey && !KNOWN.getOrDefault(name, Set.of()).contains(value)) {
      return false;
    }
    database.sql("""
            insert into staff_choice (login, name, value) values (?, ?, ?)
            on conflict (login, name) do update set value = excluded.value
            """).params(login, name, value).update();
    return true;
  }
}
