/** Finding people and their claims by whatever they are known by. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"access", "audit", "catalogue", "claims", "households", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.finding;
