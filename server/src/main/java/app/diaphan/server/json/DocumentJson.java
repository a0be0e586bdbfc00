package app.diaphan.server.json;

import app.diaphan.core.InvalidInput;
import java.util.Map;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.json.JsonMapper;

/** Reads and writes documents strictly: nothing unknown is dropped, nothing missing is guessed. */
public final class DocumentJson {
  private static final JsonMapper MAPPER = shaped(JsonMapper.builder()).build();

  private DocumentJson() {}

  /** Teaches a mapper the shapes of the core's types. */
  public static JsonMapper.Builder shaped(JsonMapper.Builder builder) {
    DocumentShapes.all().forEach(builder::addMixIn);
    return builder
        .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
        .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
        .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
  }

  /** Each type of the core with the shape that is laid over it. */
  public static Map<Class<?>, Class<?>> shapes() {
    return DocumentShapes.all();
  }

  public static String write(Object document) {
    return MAPPER.writeValueAsString(document);
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
    try {
      JsonNode document = MAPPER.readTree(text);
      OlderDocuments.bringUpToDate(document);
      return MAPPER.treeToValue(document, type);
    } catch (JacksonException e) {
      throw new InvalidInput(where + " " + reason(e), e);
    }
  }

  /** The end of a sentence that says what is wrong with a document. */
  public static String reason(Throwable e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof InvalidInput invalid) {
        return "cannot be used: " + invalid.getMessage();
      }
    }
    if (e instanceof UnrecognizedPropertyException unknown) {
      return "has a field \"%s\" that this version of Diaphan does not know; take it out or use a newer version."
          .formatted(unknown.getPropertyName());
    }
    if (e instanceof StreamReadException syntax) {
      return "is not valid JSON: "
          + syntax.getOriginalMessage()
          + " (line "
          + syntax.getLocation().getLineNr()
          + ").";
    }
    if (e instanceof DatabindException mismatch) {
      String path =
          mismatch.getPath().stream()
              .map(
                  step ->
                      step.getPropertyName() == null
                          ? "[" + step.getIndex() + "]"
                          : step.getPropertyName())
              .collect(Collectors.joining("."));
      return "has a value that cannot be used"
          + (path.isEmpty() ? "" : " at " + path)
          + ": "
          + mismatch.getOriginalMessage();
    }
    return "cannot be read: " + e.getMessage();
  }
}
