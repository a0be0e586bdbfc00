package app.diaphan.server.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface Revisions extends JpaRepository<OverlayRevision, Long> {
  List<OverlayRevision> findByOverlayIdOrderByNumberDesc(Long overlayId);

  Optional<OverlayRevision> findByOverlayIdAndNumber(Long overlayId, int number);
}
