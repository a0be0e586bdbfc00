package app.diaphan.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface Stills extends JpaRepository<StillEntity, Long> {
  /** A still without what is in it. */
  record Line(Long id, String clip, int position) {}

  @Query(
      "select new app.diaphan.server.store.Stills$Line(s.id, s.clip, s.position) from StillEntity s where s.packageId = ?1 order by s.clip, s.position")
  List<Line> linesOf(Long packageId);

  /** All that tells stills apart, without what is in them: no still ever changes. */
  @Query(
      "select concat(s.id, ' ', s.position, ' ', s.clip) from StillEntity s where s.packageId = ?1 order by s.id")
  List<String> known(Long packageId);
}
