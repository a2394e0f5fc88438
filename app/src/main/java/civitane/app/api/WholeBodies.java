package civitane.app.api;

import civitane.app.problems.Problem;
import civitane.packet.Fault;
import java.lang.reflect.Type;
import java.util.ArrayList;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/** What is sent has everything in it that has to be there, before anybody works with it; what is missing is told, all at once. */
@RestControllerAdvice
class WholeBodies extends RequestBodyAdviceAdapter {

  @Override
  public boolean supports(
      MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
    return type instanceof Class<?> body
        && body.isRecord()
        && body.getPackageName().startsWith("civitane.app");
  }

  @Override
  public Object afterBodyRead(
      Object body,
      HttpInputMessage message,
      MethodParameter parameter,
      Type type,
      Class<? extends HttpMessageConverter<?>> converter) {
    var missing = new ArrayList<Fault>();
    for (var part : body.getClass().getRecordComponents()) {
      if (!part.getAnnotatedType().isAnnotationPresent(Nullable.class)
          && Parts.value(body, part) == null) {
        missing.add(new Fault("/" + part.getName(), "it is missing", "a value"));
      }
    }
    if (!missing.isEmpty()) {
      throw Problem.wrong("Something that has to be sent is missing.", missing);
    }
    return body;
  }
}
