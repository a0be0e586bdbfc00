package app.diaphan.server.cue;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface CueLists extends JpaRepository<CueListEntity, Long> {
  List<CueListEntity> findByPackageIdOrderById(Long packageId);
}
