package app.diaphan.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface Starters extends JpaRepository<StarterEntity, Long> {
  List<StarterEntity> findByPackageIdOrderById(Long packageId);
}
