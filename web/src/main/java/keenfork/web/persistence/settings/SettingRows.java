package keenfork.web.persistence.settings;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface SettingRows extends JpaRepository<SettingRow, String> {
    /// Whoever else wants to change it waits until this change is stored, and then sees it.
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select r from SettingRow r where r.name = :name")
    Optional<SettingRow> locked(String name);
}
