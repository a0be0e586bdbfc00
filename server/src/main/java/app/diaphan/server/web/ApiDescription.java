package app.diaphan.server.web;

import app.diaphan.server.json.DocumentJson;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI description, from which the front end's types are made. */
@Configuration
class ApiDescription {
  ApiDescription() {
    DocumentJson.shapes()
        .forEach(
            (type, shape) -> {
              Json.mapper().addMixIn(type, shape);
              Json31.mapper().addMixIn(type, shape);
            });
  }

  @Bean
  OpenAPI description() {
    return new OpenAPI().info(new Info().title("Diaphan").version("1"));
  }
}
