/** The application: keeps, serves, sends. Each package is a room with one job. */
@org.jspecify.annotations.NullMarked
package civitane.app;
