package civitane.app.api;

import civitane.app.problems.Problem;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Type;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/** No more is read into memory than anybody means to send: it is refused while it comes in. */
@RestControllerAdvice
class BoundedBodies extends RequestBodyAdviceAdapter {
  private static final int MEGABYTE = 1 << 20;
  private static final int MOST_OF_JSON = 1;
  private static final int MOST_OF_A_FILE = 16;

  @Override
  public boolean supports(
      MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
    return true;
  }

  @Override
  public HttpInputMessage beforeBodyRead(
      HttpInputMessage message,
      MethodParameter parameter,
      Type type,
      Class<? extends HttpMessageConverter<?>> converter)
      throws IOException {
    var isFile = type == byte[].class && !isJson(message.getHeaders().getContentType());
    var most = isFile ? MOST_OF_A_FILE : MOST_OF_JSON;
    var body = message.getBody().readNBytes(most * MEGABYTE + 1);
    if (body.length > most * MEGABYTE) {
      throw Problem.tooLarge("More than " + most + " MB can't be taken at once.");
    }
    return new Bounded(message.getHeaders(), body);
  }

  private static boolean isJson(@Nullable MediaType type) {
    return type != null && type.isCompatibleWith(MediaType.APPLICATION_JSON);
  }

  private record Bounded(HttpHeaders headers, byte[] body) implements HttpInputMessage {
    @Override
    public InputStream getBody() {
      return new ByteArrayInputStream(body);
    }

    @Override
    public HttpHeaders getHeaders() {
      return headers;
    }
  }
}
