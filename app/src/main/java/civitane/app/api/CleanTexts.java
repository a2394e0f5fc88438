package civitane.app.api;

import civitane.app.problems.Problem;
import civitane.packet.Fault;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/**
 * No text comes in that has signs in it which nobody sees, neither in what is sent nor in an address; every one is told
 * with its place. Packets and forms are read by readers of their own, which hold their texts against the same rule.
 */
@RestControllerAdvice
class CleanTexts extends RequestBodyAdviceAdapter implements WebMvcConfigurer, HandlerInterceptor {

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).addPathPatterns("/api/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    var found = new ArrayList<Fault>();
    request
        .getParameterMap()
        .forEach((name, values) -> found.addAll(HiddenSigns.in(Map.of(name, List.of(values)))));
    found.addAll(
        HiddenSigns.in(request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE)));
    refuse(found);
    return true;
  }

  @Override
  public boolean supports(
      MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
    return type != byte[].class;
  }

  @Override
  public Object afterBodyRead(
      Object body,
      HttpInputMessage message,
      MethodParameter parameter,
      Type type,
      Class<? extends HttpMessageConverter<?>> converter) {
    refuse(HiddenSigns.in(body));
    return body;
  }

  private static void refuse(List<Fault> found) {
    if (!found.isEmpty()) {
      throw Problem.wrong("There is a sign in a text that can’t be seen.", found);
    }
  }
}
