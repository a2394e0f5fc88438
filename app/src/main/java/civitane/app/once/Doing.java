package civitane.app.once;

import civitane.app.problems.Problem;
import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.regex.Pattern;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import tools.jackson.databind.json.JsonMapper;

/** Does what is asked for and keeps its answer under the key it came with, both or neither. */
final class Doing implements MethodInterceptor {
  private static final String KEY = "Idempotency-Key";
  private static final Pattern FIT = Pattern.compile("[A-Za-z0-9_-]{16,64}");
  private static final int OK = 200;

  private final ObjectProvider<DoneOnce> once;
  private final ObjectProvider<TransactionTemplate> inTransaction;
  private final ObjectProvider<JsonMapper> json;

  Doing(
      ObjectProvider<DoneOnce> once,
      ObjectProvider<TransactionTemplate> inTransaction,
      ObjectProvider<JsonMapper> json) {
    this.once = once;
    this.inTransaction = inTransaction;
    this.json = json;
  }

  @Override
  public @Nullable Object invoke(MethodInvocation asked) throws Throwable {
    var request = request();
    var key = request == null ? null : request.getHeader(KEY);
    if (request == null || key == null) {
      return asked.proceed();
    }
    if (!FIT.matcher(key).matches()) {
      throw Problem.wrong("An Idempotency-Key is 16 to 64 letters, digits, - or _.");
    }
    var what = what(request, asked);
    var done = inTransaction.getObject().execute(status -> {
      once.getObject().begin(key, what);
      var answer = new Answer(proceed(asked));
      once.getObject().done(key, kept(asked, answer.value()));
      return answer;
    });
    return done.value();
  }

  private record Answer(@Nullable Object value) {}

  private static @Nullable HttpServletRequest request() {
    return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked
        ? asked.getRequest()
        : null;
  }

  private static @Nullable Object proceed(MethodInvocation asked) {
    try {
      return asked.proceed();
    } catch (RuntimeException | Error e) {
      throw e;
    } catch (Throwable e) {
      throw new IllegalStateException(e);
    }
  }

  /** Who asks for what, in 32 bytes. */
  private byte[] what(HttpServletRequest request, MethodInvocation asked) {
    try {
      var digest = MessageDigest.getInstance("SHA-256");
      var who = request.getUserPrincipal();
      for (var part : new @Nullable String[] {
        who == null ? "" : who.getName(), request.getRequestURI(), request.getQueryString()
      }) {
        digest.update(String.valueOf(part).getBytes(StandardCharsets.UTF_8));
        digest.update((byte) 0);
      }
      digest.update(sent(asked));
      return digest.digest();
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("SHA-256 is there", e);
    }
  }

  private byte[] sent(MethodInvocation asked) {
    var sent = new ByteArrayOutputStream();
    var parameters = asked.getMethod().getParameters();
    for (var i = 0; i < parameters.length; i++) {
      if (parameters[i].isAnnotationPresent(RequestBody.class)) {
        sent.writeBytes(
            asked.getArguments()[i] instanceof byte[] bytes
                ? bytes
                : json.getObject().writeValueAsBytes(asked.getArguments()[i]));
      }
    }
    return sent.toByteArray();
  }

  private DoneBefore.KeptAnswer kept(MethodInvocation asked, @Nullable Object answer) {
    if (answer instanceof ResponseEntity<?> whole) {
      return new DoneBefore.KeptAnswer(
          whole.getStatusCode().value(), whole.getHeaders().getETag(), written(whole.getBody()));
    }
    return new DoneBefore.KeptAnswer(status(asked), null, written(answer));
  }

  private static int status(MethodInvocation asked) {
    var said = AnnotatedElementUtils.findMergedAnnotation(asked.getMethod(), ResponseStatus.class);
    return said == null ? OK : said.code().value();
  }

  private byte[] written(@Nullable Object body) {
    return body == null ? new byte[0] : json.getObject().writeValueAsBytes(body);
  }
}
