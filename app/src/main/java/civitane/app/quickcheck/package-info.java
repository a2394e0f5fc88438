/** A first look at a service; nothing is kept. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"determining", "ledger", "problems", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.quickcheck;
