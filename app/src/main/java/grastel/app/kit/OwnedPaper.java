package grastel.app.kit;

import grastel.app.kit.Kit.PaperData;
import grastel.app.platform.Revised;
import grastel.core.colour.Lab;
import grastel.core.media.Paper;
import grastel.core.media.Tooth;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

@Entity
@Table(name = "paper")
class OwnedPaper extends Revised {
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

    OwnedPaper(PaperData data) {
        set(data);
    }

    void set(PaperData data) {
        name = data.name();
        lightness = data.ground().lightness();
        a = data.ground().a();
        b = data.ground().b();
        toothDepth = data.tooth().depth();
        grainMm = data.tooth().grainMm();
    }

    String name() {
        return name;
    }

    Lab ground() {
        return new Lab(lightness, a, b);
    }

    Paper toPaper() {
        return Paper.of(name, ground(), new Tooth(toothDepth, grainMm));
    }
}
