package civitane.app.drafts;

import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/** No application leaves with whole numbers, whichever way it was asked for: one is shown by a click that is in the log. */
@ControllerAdvice
class MaskedViews implements ResponseBodyAdvice<Object> {
  @Override
  public boolean supports(
      MethodParameter returned, Class<? extends HttpMessageConverter<?>> converter) {
    return true;
  }

  @Override
  public @Nullable Object beforeBodyWrite(
      @Nullable Object body,
      MethodParameter returned,
      MediaType type,
      Class<? extends HttpMessageConverter<?>> converter,
      ServerHttpRequest request,
      ServerHttpResponse response) {
    if (body instanceof ApplicationView view) {
      return view.masked();
    }
    return body instanceof ApplicationView.Within within
        ? within.with(within.view().masked())
        : body;
  }
}
