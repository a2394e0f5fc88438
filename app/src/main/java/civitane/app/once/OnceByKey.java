package civitane.app.once;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Asked again with the same {@code Idempotency-Key}, this is not done again: the first answer comes once more. Without the
 * header it is done each time. What was refused may be asked again under its key, as nothing was done. One key stands
 * for one thing asked by one person; for another it is refused with 422. Keys are forgotten after a day.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface OnceByKey {}
