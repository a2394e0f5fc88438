/** Post that goes out, once, and what comes back of it. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "access",
      "audit",
      "claims",
      "drafts",
      "households",
      "letters",
      "problems",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.post;
