package civitane.app.problems;

import jakarta.servlet.ServletException;
import java.sql.SQLException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.orm.jpa.JpaSystemException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** Whatever comes of a database that is gone is told as such, and nothing else is. */
public class UnavailableTest {

  private static MockHttpServletResponse answered(RuntimeException thrown) throws Exception {
    var response = new MockHttpServletResponse();
    new Unavailable()
        .doFilter(new MockHttpServletRequest("GET", "/api/desk"), response, new MockFilterChain() {
          @Override
          public void doFilter(
              jakarta.servlet.ServletRequest request, jakarta.servlet.ServletResponse answer)
              throws ServletException {
            throw new ServletException(thrown);
          }
        });
    return response;
  }

  private static RuntimeException because(SQLException cause) {
    return new JpaSystemException(new IllegalStateException("unable to roll back", cause));
  }

  @DataProvider
  public static Object[][] gone() {
    return new Object[][] {
      {new SQLException("Connection is closed")},
      {new SQLException("An I/O error occurred", "08006")},
      {new SQLException("could not extend file", "53100")},
      {new SQLException("terminating connection", "57P01")},
    };
  }

  @Test(dataProvider = "gone")
  public void whoeverAsksIsToldWhenToTryAgain(SQLException cause) throws Exception {
    var response = answered(because(cause));
    assertEquals(response.getStatus(), 503);
    assertEquals(response.getHeader("Retry-After"), "5");
    assertTrue(response.getContentAsString().contains("Nothing was changed"));
  }

  @Test
  public void aFaultOfOursStaysOne() {
    var ours = new DataIntegrityViolationException("twice", new SQLException("twice", "23505"));
    expectThrows(ServletException.class, () -> answered(ours));
  }
}
