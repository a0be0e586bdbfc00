package app.diaphan.server.disk;

import app.diaphan.server.program.DataFolder;
import com.zaxxer.hikari.HikariDataSource;
import java.time.Clock;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;

/** Puts what opens the database again in front of the pool of its connections. */
@Configuration(proxyBeanMethods = false)
class DatabaseConfiguration {
  @Bean(defaultCandidate = false)
  @ConfigurationProperties("spring.datasource.hikari")
  HikariDataSource connections(DataSourceProperties settings) {
    return settings.initializeDataSourceBuilder().type(HikariDataSource.class).build();
  }

  @Bean
  @Primary
  ReopenedDatabase database(
      @org.springframework.beans.factory.annotation.Qualifier("connections")
          HikariDataSource connections,
      DataFolder data,
      Clock clock) {
    return new ReopenedDatabase(connections, data, clock);
  }
}
