/** How long the desk's questions take while many ask them, each beside the bare SQL it needs. */
@org.jspecify.annotations.NullMarked
package civitane.bench.desk;
