package app.diaphan.server.command;

import app.diaphan.core.Sentence;
import java.io.IOException;
import java.io.OutputStream;
import java.lang.classfile.ClassFile;
import java.lang.classfile.ClassFileVersion;
import java.lang.classfile.ClassHierarchyResolver;
import java.lang.classfile.ClassModel;
import java.lang.classfile.ClassTransform;
import java.lang.classfile.CodeTransform;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Enumeration;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/**
 * Class files as ones that start quickly. Those of compilers before Java 6 become ones of Java 7:
 * the same code, with the frames that it is checked by (JVMS 4.10.1). Java keeps no others in its
 * cache of what was worked out at an earlier start, nor what is built on them, and a command spent
 * a third of its time on that. Diaphan's own have {@link PlainCalls}.
 */
final class LiftedClasses {
  private static final String TOLD = "META-INF/lifted.txt";

  private static final String OWN = "app/diaphan/";

  private LiftedClasses() {}

  /** Whether it was replaced since it held some that could be lifted; it says so in itself then. */
  static boolean lift(Path jar) throws IOException {
    Path lifted = jar.resolveSibling(jar.getFileName() + ".lifted");
    int count = 0;
    try (ZipFile from = new ZipFile(jar.toFile())) {
      if (!holdsSome(from)) {
        return false;
      }
      try (OutputStream file = Files.newOutputStream(lifted);
          ZipOutputStream to = new ZipOutputStream(file)) {
        Enumeration<? extends ZipEntry> entries = from.entries();
        while (entries.hasMoreElements()) {
          ZipEntry entry = entries.nextElement();
          byte[] content = from.getInputStream(entry).readAllBytes();
          Optional<byte[]> changed = toLift(entry, content) ? lifted(content) : Optional.empty();
          count += changed.isPresent() ? 1 : 0;
          put(to, entry, changed.orElse(content));
        }
        String told =
            Sentence.of(
                "%d class files were changed for Diaphan: they do the same and start quicker.",
                count);
        put(to, new ZipEntry(TOLD), told.getBytes(StandardCharsets.UTF_8));
      }
      if (count == 0) {
        return false;
      }
      Files.move(lifted, jar, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
      return true;
    } finally {
      Files.deleteIfExists(lifted);
    }
  }

  private static boolean holdsSome(ZipFile jar) throws IOException {
    if (jar.getEntry(TOLD) != null) {
      return false;
    }
    Enumeration<? extends ZipEntry> entries = jar.entries();
    while (entries.hasMoreElements()) {
      ZipEntry entry = entries.nextElement();
      if (toLift(entry, jar.getInputStream(entry).readNBytes(8))) {
        return true;
      }
    }
    return false;
  }

  private static boolean toLift(ZipEntry entry, byte[] content) {
    return entry.getName().endsWith(".class")
        && (entry.getName().startsWith(OWN) || isOld(content));
  }

  private static boolean isOld(byte[] content) {
    int version = (content[6] & 0xff) << 8 | content[7] & 0xff;
    return version < ClassFile.JAVA_6_VERSION;
  }

  /** Nothing if it is built on classes that are not there; such a class stays as it is. */
  private static Optional<byte[]> lifted(byte[] content) {
    ClassFile files =
        ClassFile.of(
            ClassFile.ClassHierarchyResolverOption.of(
                ClassHierarchyResolver.ofResourceParsing(LiftedClasses.class.getClassLoader())
                    .orElse(ClassHierarchyResolver.defaultResolver())),
            ClassFile.StackMapsOption.GENERATE_STACK_MAPS);
    ClassModel model = files.parse(content);
    try {
      return isOld(content) ? Optional.of(newer(files, model)) : PlainCalls.in(files, model);
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  private static byte[] newer(ClassFile files, ClassModel old) {
    ClassTransform version =
        (builder, element) -> {
          if (element instanceof ClassFileVersion) {
            builder.withVersion(ClassFile.JAVA_7_VERSION, 0);
          } else {
            builder.with(element);
          }
        };
    // Code that is passed on element by element is written anew, with its frames.
    CodeTransform anew = (builder, element) -> builder.with(element);
    return files.transformClass(
        old, ClassTransform.transformingMethodBodies(anew).andThen(version));
  }

  private static void put(ZipOutputStream to, ZipEntry entry, byte[] content) throws IOException {
    ZipEntry copy = new ZipEntry(entry.getName());
    if (entry.getLastModifiedTime() != null) {
      copy.setLastModifiedTime(entry.getLastModifiedTime());
    }
    to.putNextEntry(copy);
    to.write(content);
    to.closeEntry();
  }
}
