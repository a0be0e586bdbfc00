package app.diaphan.server;

import app.diaphan.server.json.DocumentJson;
import java.nio.file.Path;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;

/** The server as a Spring application. */
@SpringBootApplication
public class ServerApplication {

  /** Starts a server over a data folder; port 0 takes any free one. */
  public static ConfigurableApplicationContext start(Path data, int port) {
    DataFolder folder = new DataFolder(data.toAbsolutePath().normalize());
    Map<String, Object> settings = new LinkedHashMap<>();
    settings.put("server.port", port);
    settings.put("spring.datasource.url", "jdbc:h2:file:" + folder.database() + ";WRITE_DELAY=0");
    settings.put("diaphan.data", folder.path().toString());
    SpringApplication application = new SpringApplication(ServerApplication.class);
    application.setDefaultProperties(settings);
    application.addInitializers(
        context ->
            ((org.springframework.context.support.GenericApplicationContext) context)
                .registerBean(DataFolder.class, () -> folder));
    return application.run();
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
