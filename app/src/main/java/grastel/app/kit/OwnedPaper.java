package grastel.app.kit;

import grastel.app.platform.Owned;
import grastel.core.colour.Lab;
import grastel.core.media.Paper;
import grastel.core.media.ShippedKit.StockPaper;
import grastel.core.media.Tooth;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

@Entity
@Table(name = "paper")
class OwnedPaper extends Owned {
    @Column(nullable = false, length = 80)
    private String name;

    @Column(nullable = false)
    private double lightness;

    @Column(nullable = false)
    private double a;

    @Column(nullable = false)
    private double b;

    @Column(name = "tooth_depth", nullable = false)
    private double toothDepth;

    @Column(name = "grain_mm", nullable = false)
    private double grainMm;

    protected OwnedPaper() {}

    OwnedPaper(StockPaper stock) {
        name = stock.name();
        lightness = stock.ground().lightness();
        a = stock.ground().a();
        b = stock.ground().b();
        toothDepth = stock.tooth().depth();
        grainMm = stock.tooth().grainMm();
    }

    Lab ground() {
        return new Lab(lightness, a, b);
    }

    Paper toPaper() {
        return Paper.of(name, ground(), new Tooth(toothDepth, grainMm));
    }
}
