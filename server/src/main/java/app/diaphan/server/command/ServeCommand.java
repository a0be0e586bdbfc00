package app.diaphan.server.command;

import app.diaphan.server.ServerApplication;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Starts the server and says its address when it is ready. */
@Command(name = "serve", description = "Starts the application on this machine.")
final class ServeCommand implements Callable<Integer> {
  @Option(names = "--data", defaultValue = "data", description = "Folder to keep everything in.")
  Path data;

  @Option(names = "--port", defaultValue = "8484", description = "Port on 127.0.0.1; 0 for any.")
  int port;

  @Option(names = "--bundle", description = "Bundle to load if there is no package yet.")
  Path bundle;

  @Override
  public Integer call() throws IOException {
    ConfigurableApplicationContext context = ServerApplication.start(data, port);
    PackageStore store = context.getBean(PackageStore.class);
    if (bundle != null && store.all().isEmpty()) {
      store.add(BundleReader.read(bundle));
    }
    int actual = ((WebServerApplicationContext) context).getWebServer().getPort();
    System.out.println("Diaphan is ready at http://127.0.0.1:" + actual);
    return Commands.KEEP_RUNNING;
  }
}
