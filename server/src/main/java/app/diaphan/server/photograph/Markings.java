package app.diaphan.server.photograph;

import org.springframework.data.jpa.repository.JpaRepository;

public interface Markings extends JpaRepository<MarkingEntity, Long> {}
