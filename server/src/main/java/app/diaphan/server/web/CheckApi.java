package app.diaphan.server.web;

import app.diaphan.core.Require;
import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.Finding;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.check.CheckService;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.draw.ProofPictures;
import app.diaphan.server.store.PackageStore;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The checks of the proof, and looks that a browser cannot put together itself. */
@RestController
@RequestMapping("/api/packages/{id}")
class CheckApi {
  private final CheckService checks;
  private final PackageStore store;
  private final ProofPictures looks;

  CheckApi(CheckService checks, PackageStore store, ProofPictures looks) {
    this.checks = checks;
    this.store = store;
    this.looks = looks;
  }

  record ToCheck(Overlay overlay) {}

  /**
   * @param still id of the still beneath; 0 for a flat colour
   * @param beneath the colour then
   */
  record ToLook(Overlay overlay, ProofPictures.Kind kind, long still, Colour beneath) {}

  /**
   * @param picture the address of a picture of the whole frame, pixel for pixel
   */
  record Looked(String picture) {}

  @OnlyComputes
  @PostMapping("/proof-looks")
  Looked look(@PathVariable long id, @RequestBody ToLook wanted) {
    Optional<Long> still = wanted.still() == 0 ? Optional.empty() : Optional.of(wanted.still());
    return new Looked(looks.look(id, wanted.overlay(), wanted.kind(), still, wanted.beneath()));
  }

  /** Checks an overlay that need not be saved; what has to be put right comes first. */
  @OnlyComputes
  @PostMapping("/checks")
  List<Finding> check(@PathVariable long id, @RequestBody ToCheck wanted) {
    return checks.check(id, wanted.overlay());
  }

  /**
   * @param kind of the check that found it
   * @param piece its id
   */
  record ToMend(Overlay overlay, CheckKind kind, String piece) {
    ToMend {
      Require.present(overlay, "The overlay");
      Require.present(kind, "What was found");
      Require.present(piece, "The piece to mend");
    }
  }

  /** The overlay with one thing put right that was found; nothing is saved. */
  @OnlyComputes
  @PostMapping("/checks/mended")
  Overlay mend(@PathVariable long id, @RequestBody ToMend wanted) {
    return checks.mended(id, wanted.overlay(), wanted.kind(), wanted.piece());
  }

  /** The checks that are not made for this package. */
  @GetMapping("/checks/left-out")
  Set<CheckKind> leftOut(@PathVariable long id) {
    return store.checksLeftOut(id);
  }

  @PutMapping("/checks/left-out")
  Set<CheckKind> leaveOut(@PathVariable long id, @RequestBody Set<CheckKind> kinds) {
    return store.leaveOutChecks(id, kinds);
  }
}
