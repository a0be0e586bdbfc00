package app.diaphan.server.web;

import app.diaphan.server.store.Deletions;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What was deleted, and how it is brought back. */
@RestController
@RequestMapping("/api")
class DeletedApi {
  private final Deletions deletions;

  DeletedApi(Deletions deletions) {
    this.deletions = deletions;
  }

  @GetMapping("/packages/{id}/deleted-overlays")
  List<Deletions.Deleted> overlays(@PathVariable long id) {
    return deletions.overlaysOf(id);
  }

  @PostMapping("/deleted-overlays/{id}/return")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void bringOverlayBack(@PathVariable long id) {
    deletions.bringOverlayBack(id);
  }

  /** With all that is in it; it can be brought back for a month. */
  @DeleteMapping("/packages/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void deletePackage(@PathVariable long id) {
    deletions.deletePackage(id);
  }

  @GetMapping("/deleted-packages")
  List<Deletions.Deleted> packages() {
    return deletions.packages();
  }

  @PostMapping("/deleted-packages/{id}/return")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void bringPackageBack(@PathVariable long id) {
    deletions.bringPackageBack(id);
  }
}
