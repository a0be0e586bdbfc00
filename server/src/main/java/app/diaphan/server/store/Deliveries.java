package app.diaphan.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface Deliveries extends JpaRepository<DeliveryEntity, Long> {
  List<DeliveryEntity> findByOverlayIdOrderByIdDesc(Long overlayId);

  List<DeliveryEntity> findByState(DeliveryEntity.State state);
}
