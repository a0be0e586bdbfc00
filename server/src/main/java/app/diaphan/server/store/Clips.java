package app.diaphan.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface Clips extends JpaRepository<ClipEntity, Long> {
  List<ClipEntity> findByPackageIdOrderByName(Long packageId);
}
