package app.diaphan.server.store;

import org.springframework.data.jpa.repository.JpaRepository;

public interface HousePictures extends JpaRepository<HousePictureEntity, Long> {
  boolean existsByHouseIdAndSha256(Long houseId, String sha256);
}
