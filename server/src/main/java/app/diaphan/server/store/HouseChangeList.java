package app.diaphan.server.store;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** The changes of houses that can be taken back, and those that were. */
public interface HouseChangeList extends JpaRepository<HouseChangeEntity, Long> {
  /**
   * The newest that was not taken back: of the house itself, or by which the package came to it.
   */
  @Query(
      """
      select c from HouseChangeEntity c where c.undone = false and c.houseId = ?1
      and (c.packageId is null or c.packageId = ?2) order by c.id desc limit 1
      """)
  Optional<HouseChangeEntity> newest(Long houseId, Long packageId);

  /** The one that was taken back last. */
  @Query(
      """
      select c from HouseChangeEntity c where c.undone = true
      and (c.houseId = ?1 and c.packageId is null or c.packageId = ?2) order by c.id limit 1
      """)
  Optional<HouseChangeEntity> nextUndone(Long houseId, Long packageId);

  /** A new change ends what could be done once more. */
  @Modifying
  @Query(
      """
      delete from HouseChangeEntity c where c.undone = true
      and (c.houseId = ?1 and c.packageId is null or c.packageId = ?2)
      """)
  void forgetUndone(Long houseId, Long packageId);

  /** The oldest ones, beyond so many. */
  @Modifying
  @Query(
      """
      delete from HouseChangeEntity c where c.houseId = ?1 and c.id not in
      (select d.id from HouseChangeEntity d where d.houseId = ?1 order by d.id desc limit 100)
      """)
  void forgetOld(Long houseId);
}
