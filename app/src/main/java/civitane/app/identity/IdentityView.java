package civitane.app.identity;

import java.util.List;

/**
 * How far the people of a claim have shown who they are, and what is taken for it.
 *
 * @param recentDays how old the recent kinds may be, in days
 */
record IdentityView(
    List<ShownIdentity> people,
    List<String> photos,
    List<String> others,
    List<String> recent,
    int recentDays) {

  /**
   * What somebody has shown.
   *
   * @param level standard, partial or none
   * @param words the level, as it is said
   * @param speaks the papers that speak for them
   * @param objections why each of their other papers does not
   */
  record ShownIdentity(
      String person,
      String name,
      String level,
      String words,
      List<String> speaks,
      List<String> objections) {}
}
