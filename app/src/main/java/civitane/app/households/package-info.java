/** Households and people as they are found again. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {"ledger", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.households;
