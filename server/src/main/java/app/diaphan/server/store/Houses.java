package app.diaphan.server.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface Houses extends JpaRepository<HouseEntity, Long> {
  List<HouseEntity> findAllByOrderByName();
}
