package civitane.packet;

import civitane.core.rules.Result;
import java.util.List;

/** What a packet comes to: the results of its requests, or its faults; one of the two. */
public sealed interface Answer {
  record Results(List<Result> results) implements Answer {}

  record Faulty(List<Fault> faults) implements Answer {}

  default boolean isFaulty() {
    return this instanceof Faulty;
  }
}
