/** What has effects outside is done once, however often it is asked for under one key. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {"problems"})
@org.jspecify.annotations.NullMarked
package civitane.app.once;
