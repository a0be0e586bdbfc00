package app.diaphan.server.json;

import app.diaphan.core.InvalidInput;
import app.diaphan.server.json.older.OlderDocuments;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.Map;
import java.util.function.Consumer;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.type.LogicalType;

/** Reads and writes documents strictly: nothing unknown is dropped, nothing missing is guessed. */
public final class DocumentJson {
  private static final JsonMapper MAPPER = shaped(JsonMapper.builder()).build();

  private DocumentJson() {}

  /** Teaches a mapper the shapes of the core's types. */
  public static JsonMapper.Builder shaped(JsonMapper.Builder builder) {
    DocumentShapes.all().forEach(builder::addMixIn);
    return builder
        .addModule(new PlainConstructors())
        .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
        .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
        .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
        .enable(DeserializationFeature.FAIL_ON_READING_DUP_TREE_KEY)
        .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
        .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
        .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
        .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
        .withCoercionConfig(
            LogicalType.Textual,
            text ->
                text.setCoercion(CoercionInputShape.Integer, CoercionAction.Fail)
                    .setCoercion(CoercionInputShape.Float, CoercionAction.Fail)
                    .setCoercion(CoercionInputShape.Boolean, CoercionAction.Fail))
        .changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.FAIL));
  }

  /** Each type of the core with the shape that is laid over it. */
  public static Map<Class<?>, Class<?>> shapes() {
    return DocumentShapes.all();
  }

  /** A value as it stands within a document. */
  public static JsonNode tree(Object value) {
    return MAPPER.valueToTree(value);
  }

  public static String write(Object document) {
    return MAPPER.writeValueAsString(document);
  }

  /** A document as it is kept: with the version that it is of. */
  public static String writeKept(Object document) {
    return MAPPER.writeValueAsString(
        OlderDocuments.versioned(MAPPER.<ObjectNode>valueToTree(document)));
  }

  /** With line breaks, for people to read. */
  public static String writeReadable(Object document) {
    return MAPPER.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(document)
        + "\n";
  }

  /**
   * Reads a document of this version or an older one.
   *
   * @param where how an error sentence calls the text, such as "The file overlays/bug.json"
   * @throws InvalidInput if the text cannot be read or says something impossible
   */
  public static <T> T read(String text, Class<T> type, String where) {
    return read(text, type, where, document -> {});
  }

  /**
   * Reads a document, of which something is to be changed before it is one of this version.
   *
   * @param change told the document as it was written
   */
  public static <T> T read(
      String text, Class<T> type, String where, Consumer<? super JsonNode> change) {
    try {
      JsonNode document = MAPPER.readTree(text);
      change.accept(document);
      OlderDocuments.bringUpToDate(document, where);
      return MAPPER.treeToValue(document, type);
    } catch (JacksonException e) {
      throw new InvalidInput(where + " " + Misreading.inWords(e), e);
    }
  }
}
