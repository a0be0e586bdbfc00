package app.diaphan.server.picture;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.server.picture.TrialProtocol.Answer;
import app.diaphan.server.picture.TrialProtocol.Kind;
import app.diaphan.server.picture.TrialProtocol.Question;
import jakarta.annotation.PreDestroy;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/**
 * Has vector pictures and fonts read and drawn in a process of its own before they are kept. The
 * libraries that draw them were not made for hostile files and cannot be stopped within a process;
 * a process can. What it has drawn can be drawn again.
 */
@Component
public class FileTrial {
  private static final Logger LOG = LoggerFactory.getLogger(FileTrial.class);
  private static final long MOST_SECONDS = 20;

  /** Of the heap of that process. */
  private static final int MEBIBYTES = 512;

  private final ExecutorService asking =
      Executors.newCachedThreadPool(
          work -> Thread.ofPlatform().name("file trial").daemon().unstarted(work));

  /** Nothing while no process is running. */
  private Running running;

  private record Running(
      Process process, DataOutputStream questions, DataInputStream answers, Path aside) {}

  /**
   * @throws InvalidInput if it is a vector picture that cannot be read and drawn within the limits
   */
  public void check(String name, byte[] bytes) {
    if (PictureReader.isVector(bytes)) {
      check(new Question(Kind.PICTURE, name, bytes));
    }
  }

  /**
   * @throws InvalidInput if it is no font that can be read and drawn within the limits
   */
  public void checkFont(String name, byte[] bytes) {
    check(new Question(Kind.FONT, name, bytes));
  }

  private void check(Question question) {
    String refusal = tried(question);
    if (!refusal.isEmpty()) {
      throw new InvalidInput(refusal);
    }
  }

  /** One at a time: each may need all of the process's memory. */
  private synchronized String tried(Question question) {
    Future<Answer> answer = asking.submit(() -> ask(question));
    try {
      String refusal = answer.get(MOST_SECONDS, TimeUnit.SECONDS).refusal();
      if (!refusal.isEmpty()) {
        end(); // A decoder that was given up on may still be at work in it.
      }
      return refusal;
    } catch (TimeoutException e) {
      return refused(answer, question, "takes longer than %d seconds to draw", MOST_SECONDS);
    } catch (ExecutionException e) {
      LOG.info("The trial of {} ended its process", question.name(), e.getCause());
      return refused(answer, question, "needs more than %d MB to draw or is damaged", MEBIBYTES);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return refused(answer, question, "was called off");
    }
  }

  private String refused(Future<Answer> answer, Question question, String why, Object... parts) {
    end();
    answer.cancel(true);
    return Sentence.of(
        "The %s \"%s\" %s and was not taken in; save it smaller or simpler.",
        switch (question.kind()) {
          case PICTURE -> "picture";
          case FONT -> "font";
        },
        question.name(),
        Sentence.of(why, parts));
  }

  private Answer ask(Question question) throws IOException {
    Running there = running;
    if (there == null || !there.process().isAlive()) {
      running = there = start();
    }
    question.write(there.questions());
    return Answer.read(there.answers());
  }

  private static Running start() throws IOException {
    Path aside = Files.createTempDirectory("file-trial");
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(
        List.of(
            "-Xmx" + MEBIBYTES + "m",
            "-XX:+ExitOnOutOfMemoryError",
            "-XX:+UseSerialGC",
            "-XX:TieredStopAtLevel=1",
            "-Djdk.reflect.useNativeAccessorOnly=true",
            "-Dsun.font.layout.ffm=false",
            "-Djava.awt.headless=true",
            "-Djava.io.tmpdir=" + aside,
            "--enable-native-access=ALL-UNNAMED",
            "-Xlog:disable"));
    String cache = System.getProperty("diaphan.commands-cache");
    if (cache != null && Files.exists(Path.of(cache))) {
      command.add("-XX:AOTCache=" + cache);
    }
    command.addAll(
        List.of(
            "-cp", System.getProperty("java.class.path"), "app.diaphan.server.Diaphan", "trial"));
    Process process =
        new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
    return new Running(
        process,
        new DataOutputStream(new BufferedOutputStream(process.getOutputStream())),
        new DataInputStream(process.getInputStream()),
        aside);
  }

  private void end() {
    Running there = running;
    running = null;
    if (there != null) {
      there
          .process()
          .destroyForcibly()
          .onExit()
          .thenRun(() -> FileSystemUtils.deleteRecursively(there.aside().toFile()));
    }
  }

  @PreDestroy
  synchronized void stop() {
    end();
    asking.shutdownNow();
  }
}
