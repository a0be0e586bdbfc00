package app.diaphan.server.web;

import app.diaphan.core.overlay.Piece;
import app.diaphan.server.json.DocumentJson;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI description, from which the front end's types are made. */
@Configuration
class ApiDescription {
  /** Properties that may be left out or empty. */
  private static final Set<String> OPTIONAL =
      Set.of(
          "DeliveryStatus.report",
          "FileReport.drawn",
          "FontFamilyChoice.stepless",
          "ReturnedFile.delivery",
          "PhotographLine.own",
          "PhotographLine.outcome",
          "PhotographLook.hung",
          "MarkOutcome.hung");

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

  /**
   * The description's library sees that a type has kinds, but neither names them nor says which
   * properties are always there.
   */
  @Bean
  OpenApiCustomizer kindsAndRequired() {
    return description -> {
      description.setServers(null);
      Map<String, Schema> schemas = description.getComponents().getSchemas();
      DocumentJson.shapes()
          .forEach(
              (type, shape) -> {
                JsonSubTypes kinds = shape.getAnnotation(JsonSubTypes.class);
                if (kinds != null) {
                  describeKinds(schemas, type.getSimpleName(), kinds);
                }
              });
      DocumentJson.shapes().keySet().forEach(type -> nameKinds(schemas, type.getSimpleName()));
      writeAllPiecesAsPieces(schemas);
      schemas.forEach(ApiDescription::requireAll);
    };
  }

  /**
   * What several kinds of piece have in common has types of its own, and the library takes now one
   * and now the other of their names for a list of pieces. Documents speak of pieces only.
   */
  private static void writeAllPiecesAsPieces(Map<String, Schema> schemas) {
    Set<String> names = between(Piece.class).map(Class::getSimpleName).collect(Collectors.toSet());
    names.forEach(schemas::remove);
    Set<String> references =
        names.stream().map(ApiDescription::reference).collect(Collectors.toSet());
    for (Schema<?> schema : schemas.values()) {
      if (schema.getProperties() != null) {
        for (Schema<?> property : schema.getProperties().values()) {
          nameAsPiece(property, references);
          if (property.getItems() != null) {
            nameAsPiece(property.getItems(), references);
          }
        }
      }
    }
  }

  /** The types between a sealed one and its records. */
  private static Stream<Class<?>> between(Class<?> type) {
    return Stream.of(type.getPermittedSubclasses())
        .filter(Class::isInterface)
        .flatMap(inner -> Stream.concat(Stream.of(inner), between(inner)));
  }

  private static void nameAsPiece(Schema<?> schema, Set<String> references) {
    if (references.contains(schema.get$ref())) {
      schema.set$ref(reference(Piece.class.getSimpleName()));
    }
  }

  private static String reference(String name) {
    return "#/components/schemas/" + name;
  }

  private static void describeKinds(Map<String, Schema> schemas, String base, JsonSubTypes kinds) {
    Discriminator discriminator = new Discriminator().propertyName("kind");
    Schema<Object> either = new Schema<>();
    for (JsonSubTypes.Type kind : kinds.value()) {
      String name = kind.value().getSimpleName();
      String reference = reference(name);
      either.addOneOfItem(new Schema<>().$ref(reference));
      discriminator.mapping(kind.name(), reference);
      Map<String, Schema> properties = new LinkedHashMap<>();
      StringSchema constant = new StringSchema();
      constant.setTypes(Set.of("string"));
      constant.setEnum(List.of(kind.name()));
      properties.put("kind", constant);
      Schema<?> known = schemas.get(name);
      List<Schema<?>> parts = new ArrayList<>();
      parts.add(known);
      if (known.getAllOf() != null) {
        known.getAllOf().forEach(parts::add);
      }
      for (Schema<?> part : parts) {
        if (part.getProperties() != null) {
          properties.putAll(part.getProperties());
        }
      }
      Schema<Object> whole = new Schema<>();
      whole.setTypes(Set.of("object"));
      whole.setProperties(properties);
      schemas.put(name, whole);
    }
    either.setDiscriminator(discriminator);
    schemas.put(base, either);
  }

  /**
   * Wherever all kinds of a type are listed, the type itself is meant; and where a kind holds its
   * own type again, the library leaves an array of nothing.
   */
  private static void nameKinds(Map<String, Schema> schemas, String base) {
    Schema<?> type = schemas.get(base);
    if (type == null || type.getDiscriminator() == null) {
      return;
    }
    Set<String> kinds = Set.copyOf(type.getDiscriminator().getMapping().values());
    Schema<?> named = new Schema<>().$ref(reference(base));
    schemas.forEach(
        (name, schema) -> {
          if (name.equals(base) || schema.getProperties() == null) {
            return;
          }
          boolean ownKind = kinds.contains(reference(name));
          Map<String, Schema> properties = schema.getProperties();
          properties.replaceAll((property, given) -> listsAll(given, kinds) ? named : given);
          for (Schema<?> property : properties.values()) {
            Schema<?> items = property.getItems();
            if (items != null && (listsAll(items, kinds) || ownKind && isNothing(items))) {
              property.setItems(named);
            }
          }
        });
  }

  private static boolean listsAll(Schema<?> schema, Set<String> kinds) {
    return schema.getOneOf() != null
        && schema.getOneOf().stream()
            .map(Schema::get$ref)
            .collect(Collectors.toSet())
            .containsAll(kinds);
  }

  private static boolean isNothing(Schema<?> schema) {
    return schema.get$ref() == null && schema.getTypes() == null && schema.getOneOf() == null;
  }

  private static void requireAll(String name, Schema<?> schema) {
    if (schema.getProperties() != null) {
      schema.setRequired(
          schema.getProperties().keySet().stream()
              .filter(property -> !OPTIONAL.contains(name + "." + property))
              .toList());
    }
  }
}
