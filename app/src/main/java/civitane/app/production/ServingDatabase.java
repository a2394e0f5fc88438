package civitane.app.production;

import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Profile;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Looks at the database before anything uses it: who serves changes no table, and finds every one as it should be. */
@Configuration
@Profile("production")
class ServingDatabase {
  @Bean
  static FlywayMigrationStrategy onlyLook(DataSource database) {
    return flyway -> {
      var faults = faults(JdbcClient.create(database), flyway);
      if (!faults.isEmpty()) {
        throw new Refused(faults);
      }
    };
  }

  private static List<String> faults(JdbcClient database, Flyway flyway) {
    var faults = new ArrayList<String>();
    if (isSo(
        database,
        "select rolsuper or rolcreaterole or rolcreatedb from pg_roles where rolname = current_user")) {
      faults.add(
          "The database role of the application may do everything: take one that ./civitane migrate prepared.");
    }
    if (isSo(
        database,
        "select exists (select 1 from pg_tables where schemaname = 'public' and tableowner = current_user)")) {
      faults.add(
          "The database role of the application owns tables: the role that migrates owns them, another serves.");
    }
    if (flyway.info().pending().length > 0) {
      faults.add("The database is not that of this version: run ./civitane migrate first.");
    } else if (isSo(database, "select exists (select 1 from office_mark where name = 'demo')")) {
      faults.add(
          "This database was filled by the demo, with log-ins that everybody knows: take one of your own.");
    }
    return faults;
  }

  private static boolean isSo(JdbcClient database, String question) {
    return database.sql(question).query(Boolean.class).single();
  }
}
