package app.diaphan.server.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface Pictures extends JpaRepository<PictureEntity, Long> {
  List<PictureEntity> findByPackageIdOrderByName(Long packageId);

  Optional<PictureEntity> findByPackageIdAndName(Long packageId, String name);

  Optional<PictureEntity> findFirstByPackageIdAndSha256OrderById(Long packageId, String sha256);

  /** The digest alone: a drawing asks for it each time, and seldom for the bytes. */
  @Query("select p.sha256 from PictureEntity p where p.packageId = ?1 and p.name = ?2")
  Optional<String> findDigest(Long packageId, String name);
}
