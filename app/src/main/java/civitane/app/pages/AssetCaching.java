package civitane.app.pages;

import java.time.Duration;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;

/**
 * The desk's code, styles and fonts are named after what is in them, so a browser need never ask for one twice, and
 * lie packed beside themselves, so that nobody packs them at every request.
 */
@Configuration
class AssetCaching implements WebMvcConfigurer {
  private static final Duration A_YEAR = Duration.ofDays(365);

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    var packed = new EncodedResourceResolver();
    packed.setContentCodings(List.of("br", "gzip"));
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(A_YEAR).cachePublic().immutable())
        .resourceChain(true)
        .addResolver(packed);
  }
}
