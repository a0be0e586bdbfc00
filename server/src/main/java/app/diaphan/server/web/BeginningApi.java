package app.diaphan.server.web;

import app.diaphan.core.Require;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.HouseStyle;
import app.diaphan.server.bundle.BundleStore;
import app.diaphan.server.bundle.DemoBundle;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.draw.StarterPictures;
import app.diaphan.server.draw.StarterPictures.DrawnStarter;
import app.diaphan.server.store.Missing;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.web.PackageApi.PackageSummary;
import java.io.IOException;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What one can begin with: starters, and the demo. */
@RestController
@RequestMapping("/api")
class BeginningApi {
  private final StarterPictures starters;
  private final PackageStore packages;
  private final BundleStore bundles;
  private final DemoBundle demo;

  BeginningApi(
      StarterPictures starters, PackageStore packages, BundleStore bundles, DemoBundle demo) {
    this.starters = starters;
    this.packages = packages;
    this.bundles = bundles;
    this.demo = demo;
  }

  /**
   * @param packageId whose colours the starters take; 0 for none
   */
  record StartersFor(Frame frame, long packageId) {
    StartersFor {
      Require.present(frame, "The frame of the starters");
    }
  }

  /**
   * @param offered whether there is a demo to be opened
   */
  record DemoOffer(boolean offered) {}

  @OnlyComputes
  @PostMapping("/starters")
  List<DrawnStarter> starters(@RequestBody StartersFor wanted) {
    HouseStyle house =
        wanted.packageId() == 0 ? HouseStyle.PLAIN : packages.house(wanted.packageId());
    return starters.of(wanted.frame(), house);
  }

  @GetMapping("/demo")
  DemoOffer demo() {
    return new DemoOffer(demo.there());
  }

  /** Takes the demo in as a package. */
  @PostMapping("/demo")
  @ResponseStatus(HttpStatus.CREATED)
  PackageSummary openDemo() throws IOException {
    return PackageSummary.of(
        bundles.add(demo.read().orElseThrow(() -> new Missing("There is no demo here."))));
  }
}
