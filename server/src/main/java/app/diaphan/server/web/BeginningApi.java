package app.diaphan.server.web;

import app.diaphan.core.Require;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.House;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.starter.Lettering;
import app.diaphan.server.bundle.BundleStore;
import app.diaphan.server.bundle.DemoBundle;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.draw.StarterPictures;
import app.diaphan.server.draw.StarterPictures.DrawnStarter;
import app.diaphan.server.font.FontShelves;
import app.diaphan.server.store.Missing;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.StarterEntity;
import app.diaphan.server.store.StarterStore;
import app.diaphan.server.web.PackageApi.PackageSummary;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
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
  private final StarterStore own;
  private final PackageStore packages;
  private final BundleStore bundles;
  private final DemoBundle demo;
  private final FontShelves fonts;

  BeginningApi(
      StarterPictures starters,
      StarterStore own,
      PackageStore packages,
      BundleStore bundles,
      DemoBundle demo,
      FontShelves fonts) {
    this.fonts = fonts;
    this.starters = starters;
    this.own = own;
    this.packages = packages;
    this.bundles = bundles;
    this.demo = demo;
  }

  /**
   * @param packageId whose colours and families the shipped starters take, and whose own come
   *     first; 0 for none
   */
  record StartersFor(Frame frame, long packageId) {
    StartersFor {
      Require.present(frame, "The frame of the starters");
    }
  }

  record KeptStarter(long id, String name) {}

  /**
   * @param offered whether there is a demo to be opened
   */
  record DemoOffer(boolean offered) {}

  @OnlyComputes
  @PostMapping("/starters")
  List<DrawnStarter> starters(@RequestBody StartersFor wanted) {
    if (wanted.packageId() == 0) {
      return starters.shipped(wanted.frame(), House.NONE, Lettering.OWN, 0);
    }
    List<DrawnStarter> all = new ArrayList<>(starters.own(wanted.frame(), wanted.packageId()));
    House house = packages.house(wanted.packageId());
    Lettering lettering =
        Lettering.of(
            packages.overlaysOf(wanted.packageId()).stream().map(PackageStore::documentOf).toList(),
            fonts.of(wanted.packageId()));
    all.addAll(starters.shipped(wanted.frame(), house, lettering, wanted.packageId()));
    return all;
  }

  /** Keeps an overlay, as it is saved, as a starter of its package. */
  @PostMapping("/overlays/{id}/starters")
  @ResponseStatus(HttpStatus.CREATED)
  KeptStarter keep(@PathVariable long id) {
    StarterEntity kept = own.keep(id);
    return new KeptStarter(kept.id(), kept.name());
  }

  record ToTakeStarter(long packageId, Overlay overlay) {}

  /** A starter of another package of the house, with its pictures taken into this one. */
  @PostMapping("/starters/{id}/taken")
  Overlay take(@PathVariable long id, @RequestBody ToTakeStarter wanted) {
    return own.takenInto(
        wanted.packageId(), id, Require.present(wanted.overlay(), "The starter's overlay"));
  }

  @DeleteMapping("/starters/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeAway(@PathVariable long id) {
    own.delete(id);
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
