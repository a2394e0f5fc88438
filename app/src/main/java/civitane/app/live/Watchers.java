package civitane.app.live;

import civitane.app.access.Guard;
import civitane.app.claims.ClaimMoved;
import civitane.app.staff.Staff;
import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Who looks at this node now, and is told which claims others move, once that is kept. On other nodes it appears when the
 * page asks again by itself.
 */
@Component
class Watchers {
  /** Asked for anew after this, so that whose session is over is not told any more. */
  private static final Duration LONGEST = Duration.ofMinutes(2);

  private final Map<SseEmitter, Staff.Colleague> watching = new ConcurrentHashMap<>();
  private final Guard guard;

  Watchers(Guard guard) {
    this.guard = guard;
  }

  SseEmitter watch(Staff.Colleague who) {
    var emitter = new SseEmitter(LONGEST.toMillis());
    emitter.onCompletion(() -> watching.remove(emitter));
    emitter.onTimeout(emitter::complete);
    emitter.onError(e -> watching.remove(emitter));
    watching.put(emitter, who);
    return emitter;
  }

  /** A claim that somebody moved, as others are told of it. */
  record MovedClaim(String number) {}

  @TransactionalEventListener
  void on(ClaimMoved moved) {
    if (watching.isEmpty()) {
      return;
    }
    // Asked once: few households are restricted.
    var restricted = guard.isRestricted(moved.household());
    watching.forEach((emitter, who) -> {
      if (!who.login().equals(moved.by())
          && (!restricted || guard.maySee(who, moved.household()))) {
        tell(emitter, moved);
      }
    });
  }

  /** Nobody waits for a line that stays open when the office closes. */
  @EventListener(ContextClosedEvent.class)
  void close() {
    watching.keySet().forEach(SseEmitter::complete);
  }

  private void tell(SseEmitter emitter, ClaimMoved moved) {
    try {
      emitter.send(SseEmitter.event().name("claim").data(new MovedClaim(moved.number())));
    } catch (IOException | IllegalStateException e) {
      // They have gone.
      watching.remove(emitter);
    }
  }
}
