package keenfork.web.persistence.run;

import org.springframework.data.jpa.repository.JpaRepository;

interface KitFigureRows extends JpaRepository<KitFigureRow, String> {}
