package civitane.app.access;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.binder.MeterBinder;
import org.springframework.context.annotation.Bean;
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

  /** For whoever watches over the office, who need not be signed in. */
  @Bean
  static MeterBinder unusualLooks(LookedAt looked) {
    return meters -> Gauge.builder("civitane.looks.unusual", looked, LookedAt::manyNow)
        .description("who looked at more households within the last hour than is usual")
        .register(meters);
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(guarded).addPathPatterns("/api/**");
  }
}
