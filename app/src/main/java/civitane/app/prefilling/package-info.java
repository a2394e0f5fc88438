/** What registers know of a household that applies, filled in and marked. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {"audit", "drafts", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.prefilling;
