/** How far the people of a claim have shown who they are, and asking somebody to. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "audit",
      "catalogue",
      "claims",
      "determining",
      "drafts",
      "lodging",
      "problems",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.identity;
