/** What was said, held against registers and papers: whom to ask, what the answers tell, and where two things disagree. */
@org.jspecify.annotations.NullMarked
package civitane.core.checking;
