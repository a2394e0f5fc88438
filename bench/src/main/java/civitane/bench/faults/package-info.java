/** Whether it holds while what is under it fails: work goes on at two nodes, and one thing after the other breaks. */
@org.jspecify.annotations.NullMarked
package civitane.bench.faults;
