package civitane.app;

import java.util.ArrayList;
import java.util.Set;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Nobody gets at anything without being allowed to. */
public class AuthorisationTest extends OnDatabase {
  /** What anybody may ask: who am I, the pages without data, what stands before the door, and whether a letter is ours. */
  private static final Set<String> OPEN = Set.of(
      "/api/session",
      "/api/sign-in/with/{server}",
      "/verify",
      "/",
      "/sign-in",
      "/door",
      "/api/door/start",
      "/api/door/first-look/{service}",
      "/api/door/blank-form/{service}",
      "/api/door/code",
      "/api/door/entry",
      "/api/door/beginning/code",
      "/api/door/beginning/entry",
      "/api/door/signing/entry",
      "/api/door/part",
      "/api/door/part/answers",
      "/api/door/part/file",
      "/api/door/exit",
      "/applications/{id}",
      "/claims/{number}",
      "/households/{id}",
      "/looks",
      "/own-sign-in",
      "/outside",
      "/registers",
      "/tray",
      "/coming-up",
      "/post-out",
      "/counter",
      "/alike",
      "/rules/{service}",
      "/quick-check/{service}");

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  private RequestMappingHandlerMapping endpoints;

  @Test
  public void everyEndpointSaysWhoMayUseIt() {
    var unguarded = new ArrayList<String>();
    endpoints.getHandlerMethods().forEach((mapping, method) -> {
      if (method.getBeanType().getPackageName().startsWith("civitane")
          && !OPEN.containsAll(mapping.getPatternValues())
          && !method.hasMethodAnnotation(PreAuthorize.class)) {
        unguarded.add(mapping.toString());
      }
    });
    assertEquals(unguarded.toString(), "[]");
  }

  @Test
  public void everyGuardedEndpointRefusesAStranger() throws Exception {
    var walked = 0;
    for (var mapping : endpoints.getHandlerMethods().keySet()) {
      for (var pattern : mapping.getPatternValues()) {
        if (pattern.startsWith("/api/") && !OPEN.contains(pattern)) {
          var method =
              mapping.getMethodsCondition().getMethods().stream().findFirst().orElseThrow();
          var path = pattern.replaceAll("\\{[^}]+}", "x");
          var status = http.perform(
                  MockMvcRequestBuilders.request(HttpMethod.valueOf(method.name()), path)
                      .with(SecurityMockMvcRequestPostProcessors.csrf()))
              .andReturn()
              .getResponse()
              .getStatus();
          assertEquals(status, 401, method + " " + path);
          walked++;
        }
      }
    }
    assertTrue(walked > 12, "walked " + walked);
  }

  @Test
  public void aChangeWithoutTheTokenIsRefused() throws Exception {
    var status = http.perform(MockMvcRequestBuilders.post("/api/applications")
            .with(SecurityMockMvcRequestPostProcessors.user("ikenna").roles("CASEWORKER")))
        .andReturn()
        .getResponse()
        .getStatus();
    assertEquals(status, 403);
  }

  @Test
  public void rolesAreKeptApart() throws Exception {
    assertEquals(
        as("pia", "FRONT_DESK", post("/api/claims/BW-26-004201-5/take", ""))
            .getResponse()
            .getStatus(),
        403);
    assertEquals(as("salome", "POLICY", get("/api/desk")).getResponse().getStatus(), 403);
    assertEquals(
        as("jun", "AUDITOR", post("/api/applications", "")).getResponse().getStatus(), 403);
    assertEquals(asIkenna(get("/api/audit/verification")).getResponse().getStatus(), 403);
  }

  @Test
  public void aBrowserIsToldToLoadNothingFromElsewhere() throws Exception {
    var policy = http.perform(MockMvcRequestBuilders.get("/sign-in"))
        .andReturn()
        .getResponse()
        .getHeader("Content-Security-Policy");
    assertTrue(policy.contains("default-src 'self'"), policy);
    assertTrue(!policy.contains("unsafe"), policy);
  }
}
