package app.diaphan.server.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.File;
import java.io.IOException;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.jar.JarEntry;
import java.util.jar.JarFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Libraries of old compilers, which hold the same code and are quick to start. */
class LiftedClassesTest {
  private static final int JAVA_7 = 51;

  @TempDir Path folder;

  private Path copyOf(String library) throws IOException {
    for (String path : System.getProperty("java.class.path").split(File.pathSeparator)) {
      if (Path.of(path).getFileName().toString().matches(library + "-[0-9.]+\\.jar")) {
        return Files.copy(Path.of(path), folder.resolve(library + ".jar"));
      }
    }
    throw new IOException("No " + library + " on the class path.");
  }

  private static List<String> names(Path jar) throws IOException {
    try (JarFile file = new JarFile(jar.toFile())) {
      return file.stream().map(JarEntry::getName).toList();
    }
  }

  /** Class files of Java 7 are checked by their frames and by nothing else. */
  @ParameterizedTest
  @ValueSource(strings = {"picocli", "pngj", "commons-math3"})
  void everyClassIsThereAndPassesTheChecksOfItsFrames(String library) throws Exception {
    Path jar = copyOf(library);
    List<String> before = names(jar);
    assertTrue(LiftedClasses.lift(jar));
    assertEquals(before, names(jar).stream().filter(name -> !name.endsWith("lifted.txt")).toList());
    assertFalse(LiftedClasses.lift(jar), "nothing is left to lift");
    try (URLClassLoader apart =
        new URLClassLoader(new URL[] {jar.toUri().toURL()}, ClassLoader.getPlatformClassLoader())) {
      int checked = 0;
      for (String name : before) {
        if (name.endsWith(".class") && !name.startsWith("META-INF") && !name.contains("-info")) {
          byte[] content = apart.getResourceAsStream(name).readAllBytes();
          assertTrue(content[7] >= JAVA_7, name);
          String type = name.substring(0, name.length() - 6).replace('/', '.');
          // Asked for its methods, a class is checked; it is not run.
          Class.forName(type, false, apart).getDeclaredMethods();
          checked++;
        }
      }
      assertTrue(checked > 100, checked + " classes");
    }
  }

  @Test
  void aLibraryOfNewClassesStaysAsItIs() throws IOException {
    Path jar = copyOf("commons-csv");
    byte[] before = Files.readAllBytes(jar);
    assertFalse(LiftedClasses.lift(jar));
    assertEquals(-1, Arrays.mismatch(before, Files.readAllBytes(jar)));
  }
}
