package app.diaphan.server.store;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

public interface Packages extends JpaRepository<GraphicsPackage, Long> {
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query("update GraphicsPackage graphics set graphics.deletedAt = :at where graphics.id = :id")
  int takeAway(Long id, Instant at);

  List<GraphicsPackage> findByHouseIdOrderByName(Long houseId);

  /** A house, by what tells one state of it from another. */
  interface FollowedLine {
    long getId();

    int getRevision();
  }

  @Query(
      "select house.id as id, house.revision as revision from HouseEntity house"
          + " where house.id = (select graphics.houseId from GraphicsPackage graphics"
          + " where graphics.id = :id)")
  Optional<FollowedLine> followed(Long id);

  // In SQL, since the entities are those that were not deleted.

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      nativeQuery = true,
      value =
          "update graphics_package set deleted_at = null where id = :id and deleted_at is not null")
  int bringBack(Long id);

  @Query(
      nativeQuery = true,
      value =
          "select id, name, deleted_at as deletedAt from graphics_package"
              + " where deleted_at is not null order by deleted_at desc")
  List<DeletedLine> deleted();

  /** What was deleted and followed it follows none when it comes back. */
  @Modifying
  @Query(
      nativeQuery = true,
      value = "update graphics_package set house_id = null where house_id = :house")
  void leave(Long house);

  @Modifying
  @Query(nativeQuery = true, value = "delete from graphics_package where deleted_at < :before")
  void forget(Instant before);
}
