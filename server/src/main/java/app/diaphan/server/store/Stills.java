package app.diaphan.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface Stills extends JpaRepository<StillEntity, Long> {
  List<StillEntity> findByPackageIdOrderByClipAscPositionAsc(Long packageId);
}
