package keenfork.web.persistence.settings;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "setting")
final class SettingRow {
    @Id String name = "";
    String value = "";
}
