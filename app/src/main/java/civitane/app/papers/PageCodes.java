package civitane.app.papers;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The codes of ours on pages that came, and what each belongs to. */
@Component
class PageCodes {
  private final PaperRows rows;
  private final List<Replying> replying;

  PageCodes(PaperRows rows, List<Replying> replying) {
    this.rows = rows;
    this.replying = List.copyOf(replying);
  }

  /** The code on each of some pages; they are drawn for it where they are not yet. */
  List<Optional<ReplyCode>> on(List<Sheet> pages) {
    pages.stream().map(Sheet::hash).distinct().forEach(hash -> Drawing.draw(rows, hash));
    return pages.stream().map(this::on).toList();
  }

  private Optional<ReplyCode> on(Sheet page) {
    return rows.isDrawn(page.hash(), page.page())
        ? ReplyCodes.on(rows.page(page.hash(), page.page(), false))
        : Optional.empty();
  }

  /** Where something with a code belongs. */
  Optional<Reply> reply(Optional<ReplyCode> code) {
    return code.flatMap(
        written -> replying.stream().flatMap(one -> one.to(written).stream()).findFirst());
  }

  /** Notes that what carries a code has come. */
  void came(ReplyCode code) {
    replying.forEach(one -> one.came(code));
  }
}
