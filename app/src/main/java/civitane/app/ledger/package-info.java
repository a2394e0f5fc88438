/** The facts of a household, entry by entry, and the packets put together from them. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {})
@org.jspecify.annotations.NullMarked
package civitane.app.ledger;
