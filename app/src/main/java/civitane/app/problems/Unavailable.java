package civitane.app.problems;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.sql.SQLTransientException;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Where the database is slow or gone, whoever asks is told so in words, and when to try again; nothing of what they asked
 * was kept. It stands before all others, because who is signed in is in the database too.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Unavailable extends OncePerRequestFilter {
  private static final Logger LOG = LoggerFactory.getLogger(Unavailable.class);
  private static final String AGAIN_AFTER_SECONDS = "5";
  private static final int STATE_CLASS = 2;

  /** SQLSTATE: waited too long for a lock; cancelled, as by a time-out. */
  private static final Set<String> GAVE_UP = Set.of("55P03", "57014");

  /** Classes of SQLSTATE: no connection; too little of something; an operator stopped it. */
  private static final Set<String> GONE = Set.of("08", "53", "57");

  private static final byte[] SAID = """
      {"status": 503, "title": "Service Unavailable", "faults": [],
       "detail": "The office’s database does not answer now. Nothing was changed; try again in a moment."}
      """.getBytes(StandardCharsets.UTF_8);

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    try {
      chain.doFilter(request, response);
    } catch (ServletException | RuntimeException e) {
      if (!isOfTheDatabase(e) || response.isCommitted()) {
        throw e;
      }
      LOG.warn("not available: {}", root(e).getMessage());
      response.reset();
      response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
      response.setHeader(HttpHeaders.RETRY_AFTER, AGAIN_AFTER_SECONDS);
      response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
      response.getOutputStream().write(SAID);
    }
  }

  private static boolean isOfTheDatabase(Throwable thrown) {
    for (Throwable one = thrown; one != null; one = cause(one)) {
      if (one instanceof SQLTransientException
          || one instanceof SQLException failed && isGone(failed)) {
        return true;
      }
    }
    return false;
  }

  /** What has no SQLSTATE the database never said: the line was gone before it could be asked. */
  private static boolean isGone(SQLException failed) {
    var state = failed.getSQLState();
    return state == null
        || state.length() < STATE_CLASS
        || GAVE_UP.contains(state)
        || GONE.contains(state.substring(0, STATE_CLASS));
  }

  private static Throwable root(Throwable thrown) {
    var cause = cause(thrown);
    return cause == null ? thrown : root(cause);
  }

  private static @Nullable Throwable cause(Throwable thrown) {
    return thrown.getCause() == thrown ? null : thrown.getCause();
  }
}
