package app.diaphan.server.store;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

public interface PictureContents extends JpaRepository<PictureContent, String> {
  /** Forgets the bytes that no picture has any longer. */
  @Modifying
  @Query(
      "delete from PictureContent c where not exists (select 1 from PictureEntity p where p.sha256 = c.sha256) and not exists (select 1 from HousePictureEntity h where h.sha256 = c.sha256)")
  void deleteUnused();
}
