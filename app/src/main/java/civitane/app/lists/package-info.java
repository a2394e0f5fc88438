/** The waiting lists for a home. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {"ledger", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.lists;
