package civitane.app.forms;

import civitane.packet.form.OtherForm;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a form of somebody outside is about.
 *
 * @param person somebody by their id in the application; null where it was made from a claim
 * @param subject somebody as they are known for good; null where it was made before there was a claim
 */
record FormAbout(
    UUID application,
    OtherForm form,
    @Nullable String person,
    @Nullable UUID subject) {

  static FormAbout drafted(UUID application, OtherForm form, String person) {
    return new FormAbout(application, form, person, null);
  }

  static FormAbout known(UUID application, OtherForm form, UUID subject) {
    return new FormAbout(application, form, null, subject);
  }
}
