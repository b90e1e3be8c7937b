package keenfork.web.persistence;

import org.springframework.data.jpa.repository.JpaRepository;

interface SettingRows extends JpaRepository<SettingRow, String> {}
