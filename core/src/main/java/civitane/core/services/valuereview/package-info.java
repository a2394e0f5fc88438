@org.jspecify.annotations.NullMarked
package civitane.core.services.valuereview;
