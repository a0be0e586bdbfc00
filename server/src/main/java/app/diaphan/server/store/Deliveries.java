package app.diaphan.server.store;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface Deliveries extends JpaRepository<DeliveryEntity, Long> {
  List<DeliveryEntity> findTop200ByOverlayIdOrderByIdDesc(Long overlayId);

  List<DeliveryEntity> findTop200ByRunIdAndStateNotInOrderByRunPlaceAscIdAsc(
      Long runId, List<DeliveryEntity.State> states);

  List<DeliveryEntity> findByRunIdOrderByRunPlaceAscIdAsc(Long runId);

  List<DeliveryEntity> findByPackageIdAndStateOrderByIdDesc(
      Long packageId, DeliveryEntity.State state);

  /** The newest file of an overlay at a target. */
  Optional<DeliveryEntity> findFirstByOverlayIdAndTargetNameAndStateOrderByIdDesc(
      Long overlayId, String targetName, DeliveryEntity.State state);

  Optional<DeliveryEntity> findFirstByPathAndStateOrderByIdDesc(
      String path, DeliveryEntity.State state);

  boolean existsByPathAndStateAndSha256AndIdGreaterThan(
      String path, DeliveryEntity.State state, String sha256, Long id);

  /** Files of a roster's rows that were delivered, newest first. */
  @Query(
      "select d from DeliveryEntity d where d.state = app.diaphan.server.store.DeliveryEntity$State.DONE"
          + " and d.rosterRowId in (select r.id from RosterRowEntity r where r.rosterId = ?1) order by d.id desc")
  List<DeliveryEntity> findDoneOfRoster(Long rosterId);

  /** Asked at every start, and so in SQL: a query language is slow to be read the first time. */
  @Query(nativeQuery = true, value = "select * from delivery where state = 'RUNNING'")
  List<DeliveryEntity> running();

  /** The revisions of an overlay that files were made of. */
  @Query("select distinct d.revision from DeliveryEntity d where d.overlayId = ?1")
  Set<Integer> revisionsOf(Long overlayId);
}
