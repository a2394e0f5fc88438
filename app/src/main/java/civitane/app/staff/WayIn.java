package civitane.app.staff;

import org.springframework.security.config.annotation.web.builders.HttpSecurity;

/** How staff get in where it is not by a password that is kept here. */
public interface WayIn {
  /** The address at which it begins. */
  String beginsAt();

  /** Opens it in the filters that everything passes. */
  void open(HttpSecurity http) throws Exception;
}
