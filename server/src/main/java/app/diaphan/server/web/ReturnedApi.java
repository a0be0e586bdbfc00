package app.diaphan.server.web;

import app.diaphan.core.Sentence;
import app.diaphan.core.returned.Happened;
import app.diaphan.server.deliver.AsDelivered;
import app.diaphan.server.deliver.DeliveryService;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.returned.PhotoSync;
import app.diaphan.server.returned.ReturnedService;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.Missing;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Files that came back after they were delivered. */
@RestController
@RequestMapping("/api")
class ReturnedApi {
  private final ReturnedService returned;
  private final DeliveryService deliveries;

  ReturnedApi(ReturnedService returned, DeliveryService deliveries) {
    this.returned = returned;
    this.deliveries = deliveries;
  }

  /**
   * @param fileName of what came back
   * @param delivery the one that it came from; nothing if none is like it
   * @param usable whether it can be used in place of what was delivered
   */
  record ReturnedFile(
      String fileName,
      Optional<DeliveryStatus> delivery,
      Set<Happened> happened,
      List<String> sentences,
      boolean usable) {}

  @OnlyComputes
  @PostMapping(path = "/packages/{id}/returned", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  ReturnedFile check(@PathVariable long id, @RequestPart("file") MultipartFile file)
      throws IOException {
    String name = Optional.ofNullable(file.getOriginalFilename()).orElse("file");
    return told(name, returned.check(id, name, Uploads.bytes(file)));
  }

  /** Sends a delivered PNG through the simulated service and checks what comes back. */
  @OnlyComputes
  @PostMapping("/deliveries/{id}/photo-sync")
  ReturnedFile photoSync(@PathVariable long id, @RequestParam PhotoSync.Way way)
      throws IOException {
    DeliveryEntity delivery = deliveries.get(id);
    Path file = Path.of(delivery.path());
    AsDelivered.Now now = deliveries.now(delivery);
    if (now != AsDelivered.Now.SAME) {
      throw new Missing(
          Sentence.of(
              "%s cannot be sent. %s Deliver it again.", delivery.fileName(), now.sentence()));
    }
    PhotoSync.Back back = PhotoSync.through(way, Files.readAllBytes(file));
    String name = delivery.fileName().replaceFirst("\\.[^.]+$", "." + back.extension());
    return told(name, returned.check(delivery.packageId(), name, back.bytes()));
  }

  private ReturnedFile told(String name, ReturnedService.Came came) {
    return new ReturnedFile(
        name,
        came.delivery().map(one -> DeliveryStatus.of(one, deliveries.now(one))),
        came.verdict().happened(),
        came.verdict().sentences(),
        came.verdict().usable());
  }
}
