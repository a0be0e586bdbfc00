package app.diaphan.server.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Overlay;
import java.io.IOException;
import java.io.OutputStream;
import java.lang.classfile.ClassFile;
import java.lang.classfile.instruction.InvokeDynamicInstruction;
import java.net.URI;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Class files of Diaphan's own, which do the same without classes made at run time. */
class PlainCallsTest {
  @TempDir Path folder;

  /** Asks everything of {@link Kind}; without a class made at run time once it is lifted. */
  public static final class Questions implements Supplier<List<Object>> {
    sealed interface Kind {
      /** In an interface, where private methods are called otherwise. */
      default String named() {
        return switch (this) {
          case Small small when small.length() > 3 -> "long";
          case Small _ -> "small";
          case Many _ -> "many";
          case None _ -> "none";
        };
      }
    }

    record Small(int length, boolean firm, char letter, byte part, short count) implements Kind {}

    record Many(long all, float share, double exact, String words, List<Kind> kinds)
        implements Kind {}

    record None() implements Kind {}

    @Override
    public List<Object> get() {
      Kind small = new Small(2, true, 'a', (byte) -3, (short) 9);
      Kind many = new Many(1L << 40, Float.NaN, -0.0, null, List.of(small, new None()));
      return List.of(
          small.named(),
          new Small(4, false, 'b', (byte) 0, (short) 0).named(),
          many.named(),
          new None().named(),
          small.hashCode(),
          many.hashCode(),
          new None().hashCode(),
          small.equals(new Small(2, true, 'a', (byte) -3, (short) 9)),
          small.equals(new Small(2, false, 'a', (byte) -3, (short) 9)),
          many.equals(new Many(1L << 40, Float.NaN, -0.0, null, List.of(small, new None()))),
          many.equals(new Many(1L << 40, Float.NaN, 0.0, null, List.of(small, new None()))),
          many.equals(new Many(1L << 40, Float.NaN, -0.0, "", List.of(small, new None()))),
          small.equals(many),
          small.equals(null),
          new None().equals(new None()),
          small.toString(),
          nothingIsNamed());
    }

    private static String nothingIsNamed() {
      Object none = null;
      return switch (none) {
        case null -> "nothing";
        case String words -> words;
        default -> "something";
      };
    }
  }

  private static Map<String, byte[]> classes(Class<?> one, String within) throws Exception {
    Path place = Path.of(one.getProtectionDomain().getCodeSource().getLocation().toURI());
    if (Files.isDirectory(place)) {
      return classesIn(place, within);
    }
    try (FileSystem jar = FileSystems.newFileSystem(URI.create("jar:" + place.toUri()), Map.of())) {
      return classesIn(jar.getPath("/"), within);
    }
  }

  private static Map<String, byte[]> classesIn(Path root, String within) throws IOException {
    Map<String, byte[]> classes = new TreeMap<>();
    try (Stream<Path> files = Files.walk(root)) {
      for (Path file : files.filter(file -> file.toString().endsWith(".class")).toList()) {
        String name = root.relativize(file).toString().replace('\\', '/');
        if (name.startsWith(within)) {
          classes.put(name, Files.readAllBytes(file));
        }
      }
    }
    return classes;
  }

  private Path jar(Map<String, byte[]> classes) throws IOException {
    Path jar = folder.resolve("own.jar");
    try (OutputStream file = Files.newOutputStream(jar);
        ZipOutputStream zip = new ZipOutputStream(file)) {
      for (Map.Entry<String, byte[]> entry : classes.entrySet()) {
        zip.putNextEntry(new ZipEntry(entry.getKey()));
        zip.write(entry.getValue());
      }
    }
    return jar;
  }

  /** How often a class has something worked out by a class of the library for that. */
  private static long calls(byte[] content, String of) {
    return ClassFile.of().parse(content).methods().stream()
        .flatMap(method -> method.code().stream())
        .flatMap(code -> code.elementStream())
        .filter(
            element ->
                element instanceof InvokeDynamicInstruction call
                    && call.bootstrapMethod().owner().displayName().equals(of)
                    && !call.name().stringValue().equals("toString"))
        .count();
  }

  @Test
  void choicesAndComparisonsSayTheSame() throws Exception {
    Map<String, byte[]> classes =
        classes(Questions.class, Questions.class.getName().replace('.', '/'));
    assertTrue(
        classes.values().stream().mapToLong(one -> calls(one, "SwitchBootstraps")).sum() > 1);
    Path jar = jar(classes);
    assertTrue(LiftedClasses.lift(jar));
    try (URLClassLoader apart =
        new URLClassLoader(new URL[] {jar.toUri().toURL()}, ClassLoader.getPlatformClassLoader())) {
      for (String name : classes.keySet()) {
        byte[] lifted = apart.getResourceAsStream(name).readAllBytes();
        assertEquals(0, calls(lifted, "SwitchBootstraps"), name);
        assertEquals(0, calls(lifted, "ObjectMethods"), name);
      }
      Supplier<?> lifted =
          (Supplier<?>) apart.loadClass(Questions.class.getName()).getConstructor().newInstance();
      assertEquals(new Questions().get(), lifted.get());
    }
    assertFalse(LiftedClasses.lift(jar), "nothing is left to lift");
  }

  /** All of the core passes the checks that Java makes of class files. */
  @Test
  void everyClassOfTheCoreIsSound() throws Exception {
    Map<String, byte[]> classes = classes(Overlay.class, "app/diaphan/core/");
    Path jar = jar(classes);
    assertTrue(LiftedClasses.lift(jar));
    // What the core is built on comes from the test's own class path.
    try (URLClassLoader apart =
        new URLClassLoader(new URL[] {jar.toUri().toURL()}, PlainCallsTest.class.getClassLoader()) {
          @Override
          protected Class<?> loadClass(String name, boolean resolve) throws ClassNotFoundException {
            if (!classes.containsKey(name.replace('.', '/') + ".class")) {
              return super.loadClass(name, resolve);
            }
            Class<?> known = findLoadedClass(name);
            return known == null ? findClass(name) : known;
          }
        }) {
      for (String name : classes.keySet()) {
        Class<?> type =
            Class.forName(name.substring(0, name.length() - 6).replace('/', '.'), false, apart);
        assertEquals(apart, type.getClassLoader());
        type.getDeclaredMethods();
      }
    }
  }
}
