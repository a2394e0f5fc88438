package civitane.core.services;

import civitane.core.facts.Packet;
import civitane.core.facts.Statement;
import java.util.EnumSet;
import java.util.List;

/** What is stated by signing an application. */
public final class Statements {
  private Statements() {}

  /** What whoever signs states: that all is true and changes are told, and what each service that is asked for adds. */
  public static List<Statement> of(Packet packet) {
    var statements = EnumSet.of(Statement.TRUE, Statement.CHANGES);
    packet.requests().stream()
        .map(request -> Services.named(request.service()).orElseThrow())
        .forEach(service -> statements.addAll(service.ownStatements()));
    return List.copyOf(statements);
  }
}
