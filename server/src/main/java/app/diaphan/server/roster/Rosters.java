package app.diaphan.server.roster;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface Rosters extends JpaRepository<RosterEntity, Long> {
  List<RosterEntity> findByPackageIdOrderById(Long packageId);
}
