package keenfork.web.persistence.label;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "label_printer")
final class LabelPrinterRow {
    @Id short id = 1;
    boolean isOn = true;
    int paper;
    boolean dropsNext;
}
