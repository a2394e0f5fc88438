/** Forgetting households whose keeping time is over: by the role that owns the tables, and never by who serves. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"audit", "decisions", "drafts", "jobs", "money", "problems"})
@org.jspecify.annotations.NullMarked
package civitane.app.forgetting;
