/** Packets and drafts worked out by the rules of the core. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"catalogue", "problems", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.determining;
