package keenfork.web.persistence.settings;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SettingChangeRows extends JpaRepository<SettingChangeRow, Long> {
    List<SettingChangeRow> findTop30ByNameInOrderByIdDesc(Collection<String> names);
}
