package app.diaphan.server.roster;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.diaphan.core.check.CheckKind;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.House;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.roster.Columns;
import app.diaphan.core.roster.Filling;
import app.diaphan.core.roster.PlannedRow;
import app.diaphan.core.roster.Roster;
import app.diaphan.core.roster.RosterDesign;
import app.diaphan.core.roster.Row;
import app.diaphan.core.targets.TargetList;
import app.diaphan.server.check.CheckService;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.memory.MemoryBudget;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureEntity;
import app.diaphan.server.store.PictureStore;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** How often a row is checked anew; a row's look is proofed each time it is. */
class RosterChecksTest {
  private static final List<String> COLUMNS = List.of("name");
  private static final Overlay OVERLAY = new Overlay("Card", Frame.of(400, 200), List.of());

  private final RosterStore rosters = mock();
  private final RosterDesigns designs = mock();
  private final PackageStore store = mock();
  private final DrawingService drawings = mock();
  private final PictureStore pictures = mock();
  private final CheckService proof = mock();
  private final RosterChecks checks =
      new RosterChecks(rosters, designs, store, drawings, pictures, proof, new MemoryBudget());

  @BeforeEach
  void aRosterOfOneRow() {
    RosterDesign design =
        new RosterDesign(
            OVERLAY, 1, new Filling(new Columns(COLUMNS, Map.of()), Set.of(), House.NONE));
    when(rosters.get(7L))
        .thenReturn(new RosterEntity(1L, new Roster("Cards", COLUMNS, "name", "", List.of())));
    when(rosters.rowsOf(7L))
        .thenReturn(List.of(new RosterRowEntity(7L, 0, Row.of(List.of("Ysolde")))));
    when(designs.of(any()))
        .thenReturn(List.of(new RosterDesigns.Design(mock(OverlayEntity.class), design)));
    when(designs.plan(any(), any(), any(), any()))
        .thenReturn(
            List.of(
                new PlannedRow(
                    0,
                    design,
                    TargetList.AS_DESIGNED.targets().getFirst(),
                    "card_ysolde",
                    List.of("card_ysolde.png"),
                    "")));
    when(store.targets(1L)).thenReturn(TargetList.AS_DESIGNED);
    when(store.checksMade(1L)).thenReturn(EnumSet.allOf(CheckKind.class));
    when(store.house(1L)).thenReturn(House.NONE);
    when(drawings.rendererFor(1L))
        .thenReturn(new Renderer(ShippedFonts.shelf(), name -> Optional.empty(), Memory.NONE));
  }

  @Test
  void aRowIsCheckedOnceWhileNothingChanges() {
    checks.troubled(7L);
    checks.troubled(7L);
    verify(proof, times(1)).legibility(1L, OVERLAY);
  }

  @Test
  void whatWasFoundWhileAPictureCameIsNotRemembered() {
    PictureEntity picture = mock();
    when(picture.name()).thenReturn("greywick.svg");
    when(picture.sha256()).thenReturn("0123");
    AtomicBoolean there = new AtomicBoolean();
    when(pictures.of(1L)).thenAnswer(asked -> there.get() ? List.of(picture) : List.of());
    when(proof.legibility(1L, OVERLAY))
        .thenAnswer(
            asked -> {
              there.set(true);
              return List.of();
            });
    checks.troubled(7L);
    there.set(false);
    checks.troubled(7L);
    verify(proof, times(2)).legibility(1L, OVERLAY);
  }
}
