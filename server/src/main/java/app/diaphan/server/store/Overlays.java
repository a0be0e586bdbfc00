package app.diaphan.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

public interface Overlays extends JpaRepository<OverlayEntity, Long> {
  List<OverlayEntity> findByPackageIdOrderById(Long packageId);

  @Query("select overlay.id from OverlayEntity overlay")
  List<Long> ids();

  /** Replaces the document without making a revision. */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query("update OverlayEntity overlay set overlay.document = :document where overlay.id = :id")
  void replaceDocument(Long id, String document);
}
