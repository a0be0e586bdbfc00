package app.diaphan.server.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

public interface Revisions extends JpaRepository<OverlayRevision, Long> {
  /** What a list tells of revisions, without their documents. */
  @Query(
      "select new app.diaphan.server.store.RevisionLine(r.number, r.savedAt, coalesce(r.name, ''))"
          + " from OverlayRevision r where r.overlayId = ?1 order by r.number desc")
  List<RevisionLine> linesOf(Long overlayId);

  Optional<OverlayRevision> findByOverlayIdAndNumber(Long overlayId, int number);

  /** Takes those away that have no name: one may have been given since they were listed. */
  @Transactional
  @Modifying
  @Query(
      "delete from OverlayRevision r where r.overlayId = ?1 and r.number in ?2 and r.name is null")
  void deleteOf(Long overlayId, List<Integer> numbers);
}
