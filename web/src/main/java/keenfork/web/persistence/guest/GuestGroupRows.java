package keenfork.web.persistence.guest;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface GuestGroupRows extends JpaRepository<GuestGroupRow, Long> {
    List<GuestGroupRow> findAllByOrderById();
}
