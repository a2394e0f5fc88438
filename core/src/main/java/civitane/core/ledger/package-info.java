/** What is known, since when, from whom: subjects with ids for life, and entries that are only added. */
@org.jspecify.annotations.NullMarked
package civitane.core.ledger;
