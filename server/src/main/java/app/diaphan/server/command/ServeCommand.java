package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.photograph.Measure;
import app.diaphan.server.ServerApplication;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.bundle.BundleStore;
import app.diaphan.server.bundle.HouseFiles;
import app.diaphan.server.disk.DatabaseTrouble;
import app.diaphan.server.photograph.MarkSettings;
import app.diaphan.server.photograph.PhotographStore;
import app.diaphan.server.program.DataFolder;
import app.diaphan.server.store.GraphicsPackage;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.net.BindException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.springframework.boot.web.server.PortInUseException;
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

  @Option(
      names = "--house",
      description = "Bundle whose house is taken in as well if there is no package yet.")
  Path house;

  @Option(
      names = "--photographs",
      description = "Folder of photographs to mark with the bundle's first watermark.")
  Path photographs;

  @Option(names = "--open", description = "Opens the address, if this is a desktop.")
  boolean open;

  @Override
  public Integer call() throws IOException {
    if (port < 0 || port > 65535) {
      throw new InvalidInput(Sentence.of("There is no port %d; give one from 1 to 65535.", port));
    }
    DataFolder folder = new DataFolder(data);
    folder.makeReady();
    ConfigurableApplicationContext context;
    try {
      context = ServerApplication.start(folder.path(), port);
    } catch (RuntimeException e) {
      throw new InvalidInput("Diaphan could not start. " + reason(e, folder), e);
    }
    PackageStore store = context.getBean(PackageStore.class);
    if (bundle != null && store.all().isEmpty()) {
      GraphicsPackage added = context.getBean(BundleStore.class).add(BundleReader.read(bundle));
      if (house != null) {
        context.getBean(HouseFiles.class).read(house);
      }
      if (photographs != null) {
        addPhotographs(context, store, added.id(), folder);
      }
    }
    int actual = ((WebServerApplicationContext) context).getWebServer().getPort();
    String address = "http://127.0.0.1:" + actual;
    System.out.println("Diaphan is ready at " + address);
    if (open) {
      DesktopBrowser.open(address);
    }
    return Commands.KEEP_RUNNING;
  }

  /** Their results go to the data folder: these photographs belong to the program. */
  private void addPhotographs(
      ConfigurableApplicationContext context, PackageStore store, long id, DataFolder folder) {
    PhotographStore kept = context.getBean(PhotographStore.class);
    kept.addFolder(id, photographs.toAbsolutePath().normalize().toString());
    MarkSettings first = MarkSettings.FIRST;
    store.overlaysOf(id).stream()
        .filter(overlay -> overlay.name().contains("watermark"))
        .findFirst()
        .ifPresent(
            mark ->
                kept.keep(
                    id,
                    new MarkSettings(
                        mark.id(),
                        first.otherDress(),
                        first.marking().with(new Measure.OfShorterSide(0.4)),
                        first.credit(),
                        first.as(),
                        folder.deliveries().resolve("marked-photographs").toString())));
  }

  private String reason(RuntimeException e, DataFolder folder) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof PortInUseException || cause instanceof BindException) {
        return Sentence.of(
            "Port %d is in use, perhaps by another Diaphan; give another with --port.", port);
      }
    }
    return DatabaseTrouble.of(e)
        .map(
            trouble ->
                switch (trouble) {
                  case LOCKED, DAMAGED -> trouble.sentence();
                  case FULL, READ_ONLY, MISSING, CLOSED -> trouble.what();
                })
        .orElseGet(() -> Sentence.of("%s says more.", folder.log()));
  }
}
