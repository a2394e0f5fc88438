/** What stands in for the registers of others: small, the same every time, and as slow, wrong or down as it is told to be. */
@org.jspecify.annotations.NullMarked
package civitane.standins;
