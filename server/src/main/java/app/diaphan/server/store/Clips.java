package app.diaphan.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface Clips extends JpaRepository<ClipEntity, Long> {
  /** A clip without its film. */
  record Line(Long id, String name) {}

  @Query(
      "select new app.diaphan.server.store.Clips$Line(c.id, c.name) from ClipEntity c where c.packageId = ?1 order by c.name")
  List<Line> linesOf(Long packageId);
}
