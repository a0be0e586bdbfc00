package app.diaphan.server.store;

import java.time.Instant;
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

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query("update OverlayEntity overlay set overlay.deletedAt = :at where overlay.id = :id")
  int takeAway(Long id, Instant at);

  // In SQL, since the entities are those that were not deleted.

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      nativeQuery = true,
      value = "update overlay set deleted_at = null where id = :id and deleted_at is not null")
  int bringBack(Long id);

  @Query(
      nativeQuery = true,
      value =
          "select id, name, deleted_at as deletedAt from overlay"
              + " where package_id = :packageId and deleted_at is not null order by deleted_at desc")
  List<DeletedLine> deletedOf(Long packageId);

  @Modifying
  @Query(nativeQuery = true, value = "delete from overlay where deleted_at < :before")
  void forget(Instant before);
}
