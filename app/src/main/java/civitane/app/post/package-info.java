/** Post that goes out, once, and what comes back of it. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "access",
      "audit",
      "catalogue",
      "claims",
      "drafts",
      "households",
      "jobs",
      "letters",
      "messages",
      "papers",
      "problems",
      "remembering",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.post;
