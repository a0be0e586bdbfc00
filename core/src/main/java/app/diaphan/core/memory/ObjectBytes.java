package app.diaphan.core.memory;

import java.lang.reflect.AccessibleObject;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;

/**
 * About what an object takes, in bytes: of records, collections and texts all that is in them, of
 * anything else a guess.
 */
final class ObjectBytes {
  private static final long HEAD = 16;
  private static final long REFERENCE = 8;
  private static final long OTHER = 64;

  private static final ClassValue<Method[]> PARTS =
      new ClassValue<>() {
        @Override
        protected Method[] computeValue(Class<?> type) {
          Method[] parts =
              Arrays.stream(type.getRecordComponents())
                  .map(RecordComponent::getAccessor)
                  .toArray(Method[]::new);
          AccessibleObject.setAccessible(parts, true);
          return parts;
        }
      };

  private ObjectBytes() {}

  static long of(Object object) {
    return switch (object) {
      case null -> 0;
      case Enum<?> shared -> 0;
      case String text -> 2 * HEAD + 8 + 2L * text.length();
      case Record record -> HEAD + parts(record);
      case Optional<?> perhaps -> HEAD + REFERENCE + of(perhaps.orElse(null));
      case Collection<?> all -> 2 * HEAD + ofAll(all);
      case Map<?, ?> map -> 2 * HEAD + ofAll(map.keySet()) + ofAll(map.values());
      case byte[] bytes -> HEAD + bytes.length;
      case int[] numbers -> HEAD + 4L * numbers.length;
      case float[] numbers -> HEAD + 4L * numbers.length;
      case double[] numbers -> HEAD + 8L * numbers.length;
      case Number number -> HEAD + 8;
      case Boolean shared -> 0;
      default -> OTHER;
    };
  }

  private static long ofAll(Collection<?> all) {
    long bytes = 0;
    for (Object one : all) {
      bytes += REFERENCE + of(one);
    }
    return bytes;
  }

  private static long parts(Record record) {
    long bytes = 0;
    for (Method part : PARTS.get(record.getClass())) {
      bytes += REFERENCE;
      if (!part.getReturnType().isPrimitive()) {
        try {
          bytes += of(part.invoke(record));
        } catch (ReflectiveOperationException e) {
          throw new IllegalStateException(e); // A record can be asked for its parts.
        }
      }
    }
    return bytes;
  }
}
