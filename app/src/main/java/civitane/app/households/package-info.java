/** Households and people as they are found again. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"access", "audit", "ledger", "problems", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.households;
