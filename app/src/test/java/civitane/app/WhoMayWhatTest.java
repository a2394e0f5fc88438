package civitane.app;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.DefaultParameterNameDiscoverer;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;

/**
 * Every endpoint of the desk, asked by each role about a claim of their own, of a colleague's, of a restricted household
 * and of nobody: what comes of it is compared with a table in words. “Yes” says that it was not refused for who asks; what
 * it says to what was sent is tested elsewhere.
 */
public class WhoMayWhatTest extends OnDatabase {
  private static final String TABLE = "who-may-what.txt";
  private static final Pattern PART = Pattern.compile("\\{(\\w+)}");
  private static final String NOWHERE = "BW-26-999999-9";

  private static final Map<String, String> ROLES = new LinkedHashMap<>();

  static {
    ROLES.put("pia", "FRONT_DESK");
    ROLES.put("ikenna", "CASEWORKER");
    ROLES.put("maud", "SENIOR");
    ROLES.put("salome", "POLICY");
    ROLES.put("jun", "AUDITOR");
  }

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  private RequestMappingHandlerMapping endpoints;

  @Autowired
  private TransactionTemplate transactions;

  /** A claim, and the household it is of. */
  private record Of(String number, UUID household, int version) {}

  private final Map<String, Of> held = new LinkedHashMap<>();
  private Of restricted;

  @BeforeClass(dependsOnMethods = "springTestContextPrepareTestInstance")
  public void claims() throws Exception {
    for (var login : List.of("ikenna", "maud", "teun")) {
      var number = claimOf(Packets.meals(2));
      as(
          login,
          login.equals("maud") ? "SENIOR" : "CASEWORKER",
          post("/api/claims/{number}/take", "", number));
      held.put(login, of(number));
    }
    restricted = of(claimOf(Packets.meals(2)));
    database
        .sql("insert into restricted_household (household_id, because, set_by, set_at)"
            + " values (?, 'kin of somebody here', 'edda', now())")
        .param(restricted.household())
        .update();
  }

  private Of of(String number) {
    return database
        .sql("select household_id, version from claim where number = ?")
        .param(number)
        .query((row, n) -> new Of(number, row.getObject(1, UUID.class), row.getInt(2)))
        .single();
  }

  @Test
  public void nobodyMayMoreThanTheTableSays() throws Exception {
    var found = new ArrayList<String>();
    for (var mapping : endpoints.getHandlerMethods().keySet()) {
      for (var pattern : mapping.getPatternValues()) {
        if (pattern.startsWith("/api/") && !pattern.startsWith("/api/door")) {
          for (var method : mapping.getMethodsCondition().getMethods()) {
            found.add(line(mapping, method.name(), pattern));
          }
        }
      }
    }
    found.sort(Comparator.naturalOrder());
    var table = String.join("\n", found) + "\n";
    Files.writeString(Path.of("target", TABLE), table);
    assertEquals(table, kept(), "target/" + TABLE + " is what was found");
  }

  private static String kept() throws IOException {
    try (var file = WhoMayWhatTest.class.getResourceAsStream("/" + TABLE)) {
      return file == null ? "" : new String(file.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private String line(RequestMappingInfo mapping, String method, String pattern) {
    var line = new StringBuilder(pattern + " " + method);
    var about = pattern.startsWith("/api/claims/{number}") || pattern.contains("{household}");
    ROLES.forEach((login, role) -> {
      var cells = new LinkedHashMap<String, String>();
      if (about) {
        var own = held.get(login);
        if (own != null) {
          cells.put("own", asked(mapping, method, pattern, login, own));
        }
        cells.put("other’s", asked(mapping, method, pattern, login, held.get("teun")));
        cells.put("restricted", asked(mapping, method, pattern, login, restricted));
      }
      cells.put(
          about ? "unknown" : "",
          asked(mapping, method, pattern, login, new Of(NOWHERE, new UUID(0, 7), 0)));
      line.append("; ").append(role.toLowerCase(Locale.ROOT).replace('_', ' ')).append(": ");
      line.append(
          cells.values().stream().distinct().count() == 1
              ? cells.values().iterator().next()
              : String.join(
                  ", ",
                  cells.entrySet().stream()
                      .map(cell -> cell.getKey() + " " + cell.getValue())
                      .toList()));
    });
    return line.toString();
  }

  /** What comes of it; nothing of it is kept. */
  private String asked(
      RequestMappingInfo mapping, String method, String pattern, String login, Of about) {
    return transactions.execute(status -> {
      status.setRollbackOnly();
      try {
        var path = PART.matcher(pattern).replaceAll(part -> switch (part.group(1)) {
          case "number" -> about.number();
          case "household" -> about.household().toString();
          case "item", "page" -> "0";
          case "service" -> "schoolMeals";
          default -> new UUID(0, 9).toString();
        });
        var request = MockMvcRequestBuilders.request(HttpMethod.valueOf(method), path)
            .header("If-Match", "\"0\"")
            .contentType(
                mapping.getConsumesCondition().isEmpty()
                    ? MediaType.APPLICATION_JSON
                    : mapping
                        .getConsumesCondition()
                        .getConsumableMediaTypes()
                        .iterator()
                        .next())
            .content(body(mapping, about));
        for (var parameter : handler(mapping).getMethodParameters()) {
          var named = parameter.getParameterAnnotation(RequestParam.class);
          if (named != null && named.required()) {
            parameter.initParameterNameDiscovery(new DefaultParameterNameDiscoverer());
            request.param(
                String.valueOf(parameter.getParameterName()),
                String.valueOf(made("", parameter.getParameterType(), about)));
          }
        }
        return words(as(login, known(login), request).getResponse());
      } catch (Exception e) {
        return "failed: " + e.getMessage();
      }
    });
  }

  private HandlerMethod handler(RequestMappingInfo mapping) {
    return known(endpoints.getHandlerMethods().get(mapping), "a handler");
  }

  /** A body that can be read, so that it is who asks that decides. */
  private String body(RequestMappingInfo mapping, Of about) throws ReflectiveOperationException {
    for (var parameter : handler(mapping).getMethodParameters()) {
      if (parameter.hasParameterAnnotation(RequestBody.class)) {
        return json.writeValueAsString(made("", parameter.getParameterType(), about));
      }
    }
    return "{}";
  }

  /** Something of a type, as plain as there is: of the version that a claim has. */
  private Object made(String name, Class<?> type, Of about) throws ReflectiveOperationException {
    if (name.equals("version")) {
      return about.version();
    } else if (name.equals("pointer")) {
      return "/household/expectedChildren";
    } else if (type.isRecord()) {
      var made = new LinkedHashMap<String, Object>();
      for (var part : type.getRecordComponents()) {
        made.put(part.getName(), made(part.getName(), part.getType(), about));
      }
      return made;
    } else if (type.isEnum()) {
      return type.getEnumConstants()[0];
    } else if (type == boolean.class || type == Boolean.class) {
      return false;
    } else if (type.isPrimitive() || Number.class.isAssignableFrom(type)) {
      return 0;
    } else if (type == LocalDate.class) {
      return "2026-11-30";
    } else if (type == LocalTime.class) {
      return "10:00";
    } else if (type == UUID.class) {
      return name.equals("from") ? about.household() : new UUID(0, 9);
    } else if (Collection.class.isAssignableFrom(type)) {
      return List.of();
    } else if (Map.class.isAssignableFrom(type) || JsonNode.class.isAssignableFrom(type)) {
      return Map.of();
    }
    return "x";
  }

  private static String known(String login) {
    return known(ROLES.get(login), login);
  }

  private static <T> T known(@Nullable T value, String what) {
    return Objects.requireNonNull(value, what);
  }

  private static String words(MockHttpServletResponse response) throws IOException {
    var said = response.getContentAsString(StandardCharsets.UTF_8);
    return switch (response.getStatus()) {
      case 403 -> "no";
      case 404 -> "not there";
      case 412 -> said.contains("has this claim") ? "not theirs" : "yes";
      case 400 -> "can’t be read: " + said;
      default -> "yes";
    };
  }
}
