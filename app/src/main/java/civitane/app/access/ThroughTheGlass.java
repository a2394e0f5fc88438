package civitane.app.access;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What may be asked of a household that is not there for somebody: to see it all the same. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.METHOD)
@interface ThroughTheGlass {}
