package app.diaphan.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface DeliveryRuns extends JpaRepository<DeliveryRun, Long> {
  List<DeliveryRun> findTop20ByPackageIdOrderByIdDesc(Long packageId);

  /** In SQL for the same reason as {@link Deliveries#running()}. */
  @Query(nativeQuery = true, value = "select * from delivery_run where state = 'RUNNING'")
  List<DeliveryRun> running();
}
