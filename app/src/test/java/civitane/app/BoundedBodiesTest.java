package civitane.app;

import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What is larger than anybody means to send is refused while it comes in, whoever sends it. */
public class BoundedBodiesTest extends AtTheDoor {
  private static final int MEGABYTE = 1 << 20;

  @DataProvider
  public static Object[][] bodies() {
    return new Object[][] {
      {"/api/door/code", "application/json", MEGABYTE, 413},
      {"/api/door/code", "application/json", MEGABYTE - 100, 202},
      {"/api/choices", "application/json", MEGABYTE, 413},
      {"/api/choices", "application/json", MEGABYTE - 100, 422},
      {"/api/packets", "application/json", MEGABYTE, 413},
      {"/api/services/schoolMeals/lists", "application/octet-stream", 16 * MEGABYTE, 413}
    };
  }

  @Test(dataProvider = "bodies")
  public void whatIsTooLargeIsRefused(String path, String type, int size, int status)
      throws Exception {
    var content = "{\"number\": \"%s\", \"name\": \"\", \"value\": \"\"}"
        .formatted("x".repeat(size))
        .getBytes(StandardCharsets.UTF_8);
    var sent = MockMvcRequestBuilders.post(path)
        .contentType(MediaType.parseMediaType(type))
        .content(content);
    var answer = path.startsWith("/api/door") ? perform(sent) : asIkenna(sent);
    assertEquals(
        answer.getResponse().getStatus(), status, answer.getResponse().getContentAsString());
    if (status == 413) {
      assertTrue(answer.getResponse().getContentAsString().contains("MB can't be taken"));
    }
  }
}
