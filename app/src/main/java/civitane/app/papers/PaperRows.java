package civitane.app.papers;

import civitane.app.problems.Problem;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Files kept once by what is in them, their pages, and which paper is which file. */
@Repository
class PaperRows {
  private static final int PIECE = 256 * 1024;

  /** A paper is drawn and read once all files are that its pages are of. */
  private static final String WITH_PAGES = """
      select p.*, s.pages, s.drawn, s.unreadable, s.read from paper p cross join lateral (
        select count(*) pages, bool_and(f.drawn) drawn, bool_or(f.unreadable) unreadable, bool_and(f.read) read
        from sheet join paper_file f using (hash) where sheet.of = p.id) s""";

  private final JdbcClient database;

  PaperRows(JdbcClient database) {
    this.database = database;
  }

  /** A paper's file, and how it came. */
  record Kept(
      UUID id,
      UUID household,
      String name,
      String remark,
      @Nullable String sender,
      String cameBy,
      Instant cameAt,
      String claim,
      @Nullable Integer item,
      int version,
      int pages,
      boolean drawn,
      boolean unreadable,
      boolean read) {}

  /** What is kept of a file. */
  record File(String mediaType, int pages) {}

  /** Keeps a file; one that is here already is not kept again. */
  void keep(Incoming file, Sifting.Fit fit) {
    var fresh = database
        .sql(
            "insert into paper_file (hash, media_type, size, pages) values (?, ?, ?, ?) on conflict do nothing")
        .param(file.hash())
        .param(fit.mediaType())
        .param(file.size())
        .param(fit.pages())
        .update();
    if (fresh > 0) {
      pieces(file);
    }
  }

  private void pieces(Incoming file) {
    try (var stream = Files.newInputStream(file.path())) {
      var piece = new byte[PIECE];
      var nr = 0;
      for (var read = stream.readNBytes(piece, 0, PIECE);
          read > 0;
          read = stream.readNBytes(piece, 0, PIECE)) {
        database
            .sql("insert into paper_piece (hash, nr, bytes) values (?, ?, ?)")
            .param(file.hash())
            .param(nr++)
            .param(Arrays.copyOf(piece, read))
            .update();
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Adds a paper; {@code item} is the item of the claim that it was brought for. */
  void add(
      UUID id,
      UUID household,
      Papers.Filing filing,
      String by,
      Instant at,
      String claim,
      @Nullable Integer item) {
    database
        .sql(
            "insert into paper (id, household_id, name, remark, sender, came_by, came_at, claim, item) values (?, ?, ?, ?, ?, ?, ?, ?, ?)")
        .param(id)
        .param(household)
        .param(filing.name())
        .param(filing.remark())
        .param(filing.sender())
        .param(by)
        .param(Timestamp.from(at))
        .param(claim)
        .param(item)
        .update();
  }

  /** Somebody outside filled it in. */
  void sentBy(UUID id, String sender) {
    database
        .sql("update paper set sender = ?, version = version + 1 where id = ?")
        .param(sender)
        .param(id)
        .update();
  }

  List<Kept> of(UUID household) {
    return database
        .sql(WITH_PAGES + " where household_id = ? order by came_at, id")
        .param(household)
        .query(PaperRows::kept)
        .list();
  }

  Kept find(UUID id) {
    return database
        .sql(WITH_PAGES + " where id = ?")
        .param(id)
        .query(PaperRows::kept)
        .optional()
        .orElseThrow(() -> Problem.notThere("The paper"));
  }

  private static Kept kept(ResultSet row, int n) throws SQLException {
    return new Kept(
        row.getObject("id", UUID.class),
        row.getObject("household_id", UUID.class),
        row.getString("name"),
        row.getString("remark"),
        row.getString("sender"),
        row.getString("came_by"),
        row.getTimestamp("came_at").toInstant(),
        row.getString("claim"),
        row.getObject("item", Integer.class),
        row.getInt("version"),
        row.getInt("pages"),
        row.getBoolean("drawn"),
        row.getBoolean("unreadable"),
        row.getBoolean("read"));
  }

  /** What is read is the paper that was looked at. */
  void read(UUID id, int version) {
    var changed = database
        .sql("update paper set version = version + 1 where id = ? and version = ?")
        .param(id)
        .param(version)
        .update();
    if (changed == 0) {
      throw Problem.overtaken("Somebody read this paper after you opened it. Look at it again.");
    }
  }

  Optional<File> file(String hash) {
    return database
        .sql("select media_type, pages from paper_file where hash = ?")
        .param(hash)
        .query((row, n) -> new File(row.getString(1), row.getInt(2)))
        .optional();
  }

  /** Writes a file piece by piece, none but one in memory at a time. */
  void write(String hash, OutputStream to) throws IOException {
    for (var nr = 0; ; nr++) {
      var piece = database
          .sql("select bytes from paper_piece where hash = ? and nr = ?")
          .param(hash)
          .param(nr)
          .query(byte[].class)
          .optional();
      if (piece.isEmpty()) {
        return;
      }
      to.write(piece.get());
    }
  }

  boolean isDrawn(String hash, int page) {
    return database
            .sql("select count(*) from paper_page where hash = ? and page = ?")
            .param(hash)
            .param(page)
            .query(Integer.class)
            .single()
        > 0;
  }

  void draw(String hash, int page, PagePictures.Drawn drawn) {
    database
        .sql(
            "insert into paper_page (hash, page, picture, small) values (?, ?, ?, ?) on conflict do nothing")
        .param(hash)
        .param(page)
        .param(drawn.picture())
        .param(drawn.small())
        .update();
  }

  void drawn(String hash, boolean unreadable) {
    database
        .sql("update paper_file set drawn = true, unreadable = ? where hash = ?")
        .param(unreadable)
        .param(hash)
        .update();
  }

  byte[] page(String hash, int page, boolean small) {
    return database
        .sql(
            "select case when ? then small else picture end from paper_page where hash = ? and page = ?")
        .param(small)
        .param(hash)
        .param(page)
        .query(byte[].class)
        .optional()
        .orElseThrow(() -> Problem.notThere("The page"));
  }
}
