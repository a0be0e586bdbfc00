package app.diaphan.server.command;

import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseColour;
import app.diaphan.server.ServerApplication;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.bundle.BundleStore;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/**
 * Does once what is done at every start and by every command, so that the Java machine can write
 * down how (JEP 514, {@code -XX:AOTCacheOutput}).
 */
@Command(name = "train", hidden = true)
final class TrainCommand implements Callable<Integer> {
  /** What is trained; each has a cache of its own. */
  enum Part {
    COMMANDS,
    SERVER
  }

  @Parameters(index = "0")
  Part part;

  @Option(names = "--bundle", required = true)
  Path bundle;

  @Option(names = "--work", required = true, description = "An empty folder to work in.")
  Path work;

  @Override
  public Integer call() throws IOException, InterruptedException {
    switch (part) {
      case COMMANDS -> commands();
      case SERVER -> TrainedServer.run(bundle, work);
    }
    return 0;
  }

  private void commands() throws IOException {
    Path files = work.resolve("files");
    // With photographs in it, with a mark from an SVG file, and with neither.
    for (String overlay : List.of("Saltlight bug", "With thanks", "Skipper lower third")) {
      command("deliver", bundle.toString(), "--overlay", overlay, "--to", files.toString());
    }
    try (Stream<Path> delivered = Files.list(files)) {
      for (Path file : delivered.toList()) {
        command("inspect", file.toString());
      }
    }
  }

  private static void command(String... arguments) {
    int exit = Commands.run(arguments);
    if (exit != 0) {
      throw new IllegalStateException("Training failed at " + List.of(arguments));
    }
  }

  /** Apart, so that the commands' cache is kept free of the server's classes. */
  private static final class TrainedServer {
    static void run(Path bundle, Path work) throws IOException, InterruptedException {
      ConfigurableApplicationContext server = ServerApplication.start(work.resolve("data"), 0);
      server.getBean(BundleStore.class).add(BundleReader.read(bundle));
      PackageStore packages = server.getBean(PackageStore.class);
      String at =
          "http://127.0.0.1:" + ((WebServerApplicationContext) server).getWebServer().getPort();
      try (HttpClient client = HttpClient.newHttpClient()) {
        for (String path :
            List.of("/", "/api/packages", "/api/packages/1/overlays", "/api/overlays/1")) {
          client.send(
              HttpRequest.newBuilder(URI.create(at + path)).build(), BodyHandlers.discarding());
        }
        drawn(client, at, packages);
      }
      server.close();
    }

    /**
     * Every overlay as the stage and a change of its house show it: where the hand waits, the
     * machine knows from here which code is worth compiling.
     */
    private static void drawn(HttpClient client, String at, PackageStore packages)
        throws IOException, InterruptedException {
      House house = packages.ownHouse(1L);
      String other =
          DocumentJson.write(
              house.withColours(
                  house.colours().stream()
                      .map(one -> HouseColour.of(one.name(), one.dark()))
                      .toList()));
      post(
          client,
          at + "/api/packages/1/house/touched",
          "{\"basedOn\":"
              + packages.followedBy(1L).orElseThrow().revision()
              + ",\"house\":"
              + other
              + "}");
      for (OverlayEntity overlay : packages.overlaysOf(1L)) {
        post(
            client,
            at + "/api/packages/1/drawings",
            "{\"overlay\":"
                + DocumentJson.write(PackageStore.documentOf(overlay))
                + ",\"scale\":0.5,\"editing\":\"\",\"row\":0}");
        post(
            client,
            at + "/api/packages/1/house/looks",
            "{\"house\":" + other + ",\"overlay\":" + overlay.id() + ",\"row\":0}");
      }
    }

    private static void post(HttpClient client, String address, String body)
        throws IOException, InterruptedException {
      int status =
          client
              .send(
                  HttpRequest.newBuilder(URI.create(address))
                      .header("Content-Type", "application/json")
                      .POST(BodyPublishers.ofString(body))
                      .build(),
                  BodyHandlers.discarding())
              .statusCode();
      if (status != 200) {
        throw new IllegalStateException("Training failed at " + address + " with " + status);
      }
    }
  }
}
