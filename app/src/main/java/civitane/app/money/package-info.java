/** What a household owes to offices. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"ledger", "problems", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.money;
