package civitane.app.lists;

import java.math.BigDecimal;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The waiting lists for subsidised homes. */
@Service
public class WaitingLists {
  private final JdbcClient database;

  WaitingLists(JdbcClient database) {
    this.database = database;
  }

  /** A list: its income limit is in per cent of the middle income. */
  public record WaitingList(String code, String name, boolean open, BigDecimal incomePercent) {}

  @Transactional(readOnly = true)
  public List<WaitingList> all() {
    return database
        .sql("select code, name, open, income_percent from waiting_list order by code")
        .query((row, n) -> new WaitingList(
            row.getString(1), row.getString(2), row.getBoolean(3), row.getBigDecimal(4)))
        .list();
  }
}
