package app.diaphan.server.command;

import app.diaphan.server.picture.TrialProcess;
import java.io.IOException;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;

/** What the server starts to try pictures in. */
@Command(name = "trial", hidden = true)
final class TrialCommand implements Callable<Integer> {
  @Override
  public Integer call() throws IOException {
    TrialProcess.run(System.in, System.out);
    return 0;
  }
}
