package app.diaphan.server.store;

import org.springframework.data.jpa.repository.JpaRepository;

public interface Packages extends JpaRepository<GraphicsPackage, Long> {}
