package app.diaphan.server.web;

import app.diaphan.core.check.Found;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.check.CheckService;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The checks of the proof. */
@RestController
@RequestMapping("/api/packages/{id}")
class CheckApi {
  private final CheckService checks;

  CheckApi(CheckService checks) {
    this.checks = checks;
  }

  record ToCheck(Overlay overlay) {}

  /** Checks an overlay that need not be saved; what has to be put right comes first. */
  @PostMapping("/checks")
  List<Found> check(@PathVariable long id, @RequestBody ToCheck wanted) {
    return checks.check(id, wanted.overlay());
  }
}
