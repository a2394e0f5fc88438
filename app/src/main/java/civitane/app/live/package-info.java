/** What others change appears without being asked for, as long as somebody looks. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {"access", "claims", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.live;
