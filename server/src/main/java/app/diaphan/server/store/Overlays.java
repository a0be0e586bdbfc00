package app.diaphan.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface Overlays extends JpaRepository<OverlayEntity, Long> {
  List<OverlayEntity> findByPackageIdOrderById(Long packageId);
}
