/** The counter: who came and waits, what for, and where their claims stand in one line they can be told. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"audit", "claims", "problems", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.counter;
