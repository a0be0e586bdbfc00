package app.diaphan.server.photograph;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface PhotographRows extends JpaRepository<PhotographEntity, Long> {
  List<PhotographEntity> findByPackageIdOrderById(Long packageId);

  int countByPackageId(Long packageId);
}
