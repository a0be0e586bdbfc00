package app.diaphan.server.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface Pictures extends JpaRepository<PictureEntity, Long> {
  List<PictureEntity> findByPackageIdOrderByName(Long packageId);

  Optional<PictureEntity> findByPackageIdAndName(Long packageId, String name);
}
