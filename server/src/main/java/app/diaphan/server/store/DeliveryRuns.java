package app.diaphan.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface DeliveryRuns extends JpaRepository<DeliveryRun, Long> {
  List<DeliveryRun> findTop20ByPackageIdOrderByIdDesc(Long packageId);

  List<DeliveryRun> findByState(DeliveryRun.State state);
}
