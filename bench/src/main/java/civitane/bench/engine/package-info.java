/** The same rules in a general rules engine, to compare with. */
@org.jspecify.annotations.NullMarked
package civitane.bench.engine;
