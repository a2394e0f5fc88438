/** The Brackwater District: households and claims to look at, and a clock that can be set. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "appointments",
      "changes",
      "claims",
      "corrections",
      "decisions",
      "drafts",
      "lodging",
      "money",
      "papers",
      "post",
      "problems",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.demo;
