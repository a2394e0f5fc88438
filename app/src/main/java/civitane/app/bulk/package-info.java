/** Lists of applications, as a school sends them. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"audit", "catalogue", "drafts", "jobs", "lodging", "problems", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.bulk;
