package civitane.app.parties;

import civitane.core.facts.OutsideParty;
import civitane.core.facts.PartyKind;
import civitane.core.identity.Names;
import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Parties as they are listed and found by name, and which requests name them. */
@Component
class PartyRows {
  private static final int PAGE = 100;

  private final JdbcClient database;

  PartyRows(JdbcClient database) {
    this.database = database;
  }

  /**
   * A party as it is listed.
   *
   * @param joinedTo the one it was found to be; null where it stands for itself
   */
  record Listed(
      UUID id,
      PartyKind kind,
      String name,
      @Nullable Boolean takesPart,
      @Nullable UUID joinedTo,
      int version) {}

  void add(UUID id, PartyKind kind, String name) {
    database
        .sql("insert into party (id, kind, name, name_key, version) values (?, ?, ?, ?, 0)")
        .params(id, kind.name(), name, Names.key(name))
        .update();
  }

  /** Keeps what lists show; false where somebody else changed it since the version. */
  boolean shows(UUID id, int version, OutsideParty party) {
    return database
            .sql("""
                update party set name = :name, name_key = :key, takes_part = :part, version = version + 1
                where id = :id and version = :version
                """)
            .param("name", party.name())
            .param("key", Names.key(party.name()))
            .param("part", party.takesPart())
            .param("id", id)
            .param("version", version)
            .update()
        == 1;
  }

  void joins(UUID id, @Nullable UUID to) {
    database
        .sql("update party set joined_to = :to, version = version + 1 where id = :id")
        .param("to", to)
        .param("id", id)
        .update();
  }

  Optional<Listed> find(UUID id) {
    return database
        .sql("select * from party where id = ?")
        .param(id)
        .query(PartyRows::listed)
        .optional();
  }

  /** The party of a kind and name, or the one it was found to be. */
  Optional<Listed> named(PartyKind kind, String name) {
    return database
        .sql("""
            select p.* from party told join party p on p.id = coalesce(told.joined_to, told.id)
            where told.kind = ? and told.name_key = ?
            """)
        .params(kind.name(), Names.key(name))
        .query(PartyRows::listed)
        .optional();
  }

  /** Parties that stand for themselves, by name. */
  List<Listed> list(@Nullable PartyKind kind, String start) {
    return database
        .sql("""
            select * from party
            where joined_to is null and (:kind::text is null or kind = :kind)
              and lower(name) collate "C" >= lower(:start) and lower(name) collate "C" < lower(:start) || chr(1114111)
            order by lower(name) collate "C", id limit :most
            """)
        .param("kind", kind == null ? null : kind.name())
        .param("start", start)
        .param("most", PAGE)
        .query(PartyRows::listed)
        .list();
  }

  /** Parties of a kind, whatever they were found to be. */
  List<Listed> ofKind(PartyKind kind) {
    return database
        .sql("select * from party where kind = ? order by lower(name), id")
        .param(kind.name())
        .query(PartyRows::listed)
        .list();
  }

  private static Listed listed(ResultSet row, int n) throws SQLException {
    return new Listed(
        row.getObject("id", UUID.class),
        PartyKind.valueOf(row.getString("kind")),
        row.getString("name"),
        row.getObject("takes_part", Boolean.class),
        row.getObject("joined_to", UUID.class),
        row.getInt("version"));
  }

  void names(UUID request, UUID household, UUID party) {
    database
        .sql(
            "insert into party_named (request_id, party_id, household_id) values (?, ?, ?) on conflict do nothing")
        .params(request, party, household)
        .update();
  }

  /** The requests nobody has decided yet that name a party, or one that was found to be it. */
  List<UUID> naming(UUID party) {
    return database.sql("""
            select n.request_id from party_named n
            join party p on p.id = n.party_id join claim c on c.request_id = n.request_id
            where (p.id = :party or p.joined_to = :party) and c.turn <> 'OVER'
            """).param("party", party).query(UUID.class).list();
  }

  /** When a party was first asked about a request; none where it was not. */
  Optional<LocalDate> askedOn(UUID request, UUID party) {
    return database
        .sql("""
            select n.asked_on from party_named n join party p on p.id = n.party_id
            where n.request_id = :request and (p.id = :party or p.joined_to = :party) and n.asked_on is not null
            order by n.asked_on limit 1
            """)
        .param("request", request)
        .param("party", party)
        .query(LocalDate.class)
        .optional();
  }

  void asked(UUID party, List<UUID> requests, LocalDate on) {
    database
        .sql("""
            update party_named n set asked_on = coalesce(n.asked_on, :on) from party p
            where p.id = n.party_id and (p.id = :party or p.joined_to = :party) and n.request_id in (:requests)
            """)
        .param("on", Date.valueOf(on))
        .param("party", party)
        .param("requests", requests)
        .update();
  }
}
