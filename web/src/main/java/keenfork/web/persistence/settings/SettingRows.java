package keenfork.web.persistence.settings;

import org.springframework.data.jpa.repository.JpaRepository;

interface SettingRows extends JpaRepository<SettingRow, String> {}
