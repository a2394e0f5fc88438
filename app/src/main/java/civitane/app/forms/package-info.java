/** Forms that were filled in offline, and forms that others fill in. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "audit",
      "catalogue",
      "claims",
      "determining",
      "drafts",
      "jobs",
      "letters",
      "lodging",
      "papers",
      "problems",
      "reading",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.forms;
