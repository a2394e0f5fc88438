/** The heart of the office's work: rules, facts and what becomes of claims, without anything of how it is shown or kept. */
@org.jspecify.annotations.NullMarked
package civitane.core;
