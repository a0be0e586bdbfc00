package app.diaphan.server.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface Revisions extends JpaRepository<OverlayRevision, Long> {
  /** What a list tells of revisions, without their documents. */
  @Query(
      "select new app.diaphan.server.store.RevisionLine(r.number, r.savedAt, coalesce(r.name, ''))"
          + " from OverlayRevision r where r.overlayId = ?1 order by r.number desc")
  List<RevisionLine> linesOf(Long overlayId);

  Optional<OverlayRevision> findByOverlayIdAndNumber(Long overlayId, int number);
}
