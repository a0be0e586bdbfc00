package app.diaphan.server;

import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.program.DataFolder;
import app.diaphan.server.program.TemporaryFiles;
import java.nio.file.Path;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;

/** The server as a Spring application. */
@SpringBootApplication
public class ServerApplication {

  /** The database's own share of the heap is bounded like all others. */
  private static final int DATABASE_CACHE_KIB = 16 << 10;

  /** What the build runs to work out beforehand what Spring would work out at every start. */
  public static void main(String[] arguments) {
    start(Path.of(arguments[0]), 0);
  }

  /** Starts a server over a data folder; port 0 takes any free one. */
  public static ConfigurableApplicationContext start(Path data, int port) {
    DataFolder folder = new DataFolder(data);
    Map<String, Object> settings = new LinkedHashMap<>();
    settings.put("server.port", port);
    settings.put(
        "spring.datasource.url",
        "jdbc:h2:file:" + folder.database() + ";WRITE_DELAY=0;CACHE_SIZE=" + DATABASE_CACHE_KIB);
    settings.put("diaphan.data", folder.path().toString());
    TemporaryFiles temporary = TemporaryFiles.within(folder);
    settings.put("server.tomcat.basedir", temporary.own().toString());
    settings.put("logging.file.name", folder.log().toString());
    SpringApplication application = new SpringApplication(ServerApplication.class);
    application.setMainApplicationClass(ServerApplication.class);
    application.setDefaultProperties(settings);
    ConfigurableApplicationContext context = application.run();
    temporary.removeOfEarlierProcesses();
    return context;
  }

  @Bean
  DataFolder dataFolder(@Value("${diaphan.data}") Path path) {
    return new DataFolder(path);
  }

  @Bean
  TemporaryFiles temporaryFiles(
      DataFolder folder, @Value("${server.tomcat.basedir}") Path ofThisProcess) {
    return new TemporaryFiles(folder.temporary(), ofThisProcess);
  }

  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }

  @Bean
  JsonMapperBuilderCustomizer documentShapes() {
    return DocumentJson::shaped;
  }
}
