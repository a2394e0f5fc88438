/** Changes that households report: what is otherwise from a day on, and what that means for their claims. */
@org.jspecify.annotations.NullMarked
package civitane.app.changes;
