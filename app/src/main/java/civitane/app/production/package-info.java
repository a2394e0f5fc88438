/** Running for a real office: what has to be so before it serves, and its log-ins. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"audit", "problems", "signing", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.production;
