package grastel.app.kit;

import grastel.app.platform.Owned;
import grastel.core.colour.Lab;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit.RangePencil;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;

@Entity
@Table(name = "pencil")
class OwnedPencil extends Owned {
    @Column(name = "range_name", nullable = false, length = 60)
    private String range;

    @Column(nullable = false, length = 20)
    private String code;

    @Column(nullable = false, length = 80)
    private String name;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 10)
    private Pencil.Binder binder;

    @Column(nullable = false)
    private double lightness;

    @Column(nullable = false)
    private double a;

    @Column(nullable = false)
    private double b;

    @Column(nullable = false)
    private double hiding;

    @Column(nullable = false)
    private double softness;

    protected OwnedPencil() {}

    OwnedPencil(RangePencil shipped) {
        range = shipped.range();
        code = shipped.code();
        name = shipped.name();
        binder = shipped.binder();
        lightness = shipped.masstone().lightness();
        a = shipped.masstone().a();
        b = shipped.masstone().b();
        hiding = shipped.hiding();
        softness = shipped.softness();
    }

    String range() {
        return range;
    }

    Lab masstone() {
        return new Lab(lightness, a, b);
    }

    Pencil toPencil() {
        return Pencil.of(code, name, binder, masstone(), hiding, softness);
    }
}
