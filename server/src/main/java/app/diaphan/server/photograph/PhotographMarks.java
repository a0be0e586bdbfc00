package app.diaphan.server.photograph;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PictureNames;
import app.diaphan.core.photograph.Dresses;
import app.diaphan.core.photograph.PhotographMarker;
import app.diaphan.core.roster.Filling;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.font.FontShelves;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.memory.MemoryBudget;
import app.diaphan.server.program.ProgramVersion;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureStore;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.stereotype.Service;

/** A package's mark as it is now, and what it is known by. */
@Service
public class PhotographMarks {
  private final PackageStore packages;
  private final PictureStore pictures;
  private final DrawingService drawings;
  private final FontShelves fonts;
  private final Remembered<String, PhotographMarker> markers;

  /**
   * @param digest of all that decides how the mark looks
   */
  public record Mark(PhotographMarker marker, String digest) {}

  PhotographMarks(
      PackageStore packages,
      PictureStore pictures,
      DrawingService drawings,
      FontShelves fonts,
      MemoryBudget memory) {
    this.fonts = fonts;
    this.packages = packages;
    this.pictures = pictures;
    this.drawings = drawings;
    markers =
        memory.remembered().kind(Memory::bytesOf, marker -> PhotographMarker.MEMORY_BYTES / 16);
  }

  /**
   * @throws InvalidInput if no overlay is chosen, or it is gone
   */
  public Mark of(Long packageId, MarkSettings settings) {
    if (settings.overlay() == 0 || !packages.hasOverlay(settings.overlay())) {
      throw new InvalidInput("Choose an overlay to be the mark.");
    }
    Dresses dresses =
        Dresses.of(
                drawn(settings.overlay()),
                settings.otherDress(),
                packages.house(packageId),
                id -> packages.hasOverlay(id) ? Optional.of(drawn(id)) : Optional.empty())
            .unnamed();
    Overlay own = dresses.overlay();
    Optional<Overlay> other = dresses.other();
    Map<String, String> used = new TreeMap<>();
    pictures.of(packageId).forEach(picture -> used.put(picture.name(), picture.sha256()));
    Set<String> names = new HashSet<>(PictureNames.in(own.stack()));
    other.ifPresent(one -> names.addAll(PictureNames.in(one.stack())));
    used.keySet().retainAll(names);
    String digest =
        Digest.of(
            (packageId
                    + DocumentJson.write(own)
                    + other.map(DocumentJson::write).orElse("")
                    + DocumentJson.write(used)
                    + ProgramVersion.NUMBER
                    + ShippedFonts.version()
                    + DocumentJson.write(fonts.filesOf(packageId)))
                .getBytes(StandardCharsets.UTF_8));
    return new Mark(
        markers.of(digest, () -> new PhotographMarker(drawings.rendererFor(packageId), dresses)),
        digest);
  }

  private Overlay drawn(long id) {
    Overlay designed = packages.dressed(packages.overlay(id));
    return Filling.without(designed).withForTargets(List.of());
  }
}
