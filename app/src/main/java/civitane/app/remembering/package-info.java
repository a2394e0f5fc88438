/** What people want to be told of again: a notice on a household until a day, a reminder of their own on a day. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"access", "audit", "claims", "problems", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.remembering;
