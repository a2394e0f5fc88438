/** What a household owes to offices. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {"ledger", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.money;
