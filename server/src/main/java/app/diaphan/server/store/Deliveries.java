package app.diaphan.server.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface Deliveries extends JpaRepository<DeliveryEntity, Long> {
  List<DeliveryEntity> findByOverlayIdOrderByIdDesc(Long overlayId);

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

  List<DeliveryEntity> findByState(DeliveryEntity.State state);
}
