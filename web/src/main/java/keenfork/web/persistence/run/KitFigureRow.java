package keenfork.web.persistence.run;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "kit_figure")
final class KitFigureRow {
    @Id String what = "";
    String figure = "";
}
