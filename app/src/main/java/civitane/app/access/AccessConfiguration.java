package civitane.app.access;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Puts the guard before all that is asked for. */
@Configuration
class AccessConfiguration implements WebMvcConfigurer {
  private final GuardedPaths guarded;

  AccessConfiguration(GuardedPaths guarded) {
    this.guarded = guarded;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(guarded).addPathPatterns("/api/**");
  }
}
