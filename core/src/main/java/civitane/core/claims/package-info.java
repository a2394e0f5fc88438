@org.jspecify.annotations.NullMarked
package civitane.core.claims;
