package keenfork.web.persistence;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface GuestGroupRows extends JpaRepository<GuestGroupRow, Long> {
    List<GuestGroupRow> findAllByOrderById();
}
