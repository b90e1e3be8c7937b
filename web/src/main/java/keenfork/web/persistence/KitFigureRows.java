package keenfork.web.persistence;

import org.springframework.data.jpa.repository.JpaRepository;

interface KitFigureRows extends JpaRepository<KitFigureRow, String> {}
