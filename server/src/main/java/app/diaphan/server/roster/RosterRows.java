package app.diaphan.server.roster;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface RosterRows extends JpaRepository<RosterRowEntity, Long> {
  List<RosterRowEntity> findByRosterIdOrderByPlace(Long rosterId);

  int countByRosterId(Long rosterId);

  @Query("select max(r.place) from RosterRowEntity r where r.rosterId = ?1")
  Optional<Integer> lastPlace(Long rosterId);
}
