package grastel.app.kit;

import grastel.app.kit.Kit.PencilData;
import grastel.app.platform.Now;
import grastel.app.platform.Revised;
import grastel.core.colour.Lab;
import grastel.core.colour.SmoothReflectance;
import grastel.core.colour.Spectrum;
import grastel.core.media.Pencil;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A pencil of the kit. Where no spectrum was measured, the smooth curve of its colour stands in. */
@Entity
@Table(name = "pencil")
class OwnedPencil extends Revised {
    @Column(name = "range_name", nullable = false, length = 60)
    private String range;

    @Column(nullable = false, length = 20)
    private String code;

    @Column(nullable = false, length = 80)
    private String name;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 10)
    private Pencil.Binder binder;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 20)
    private ColourSource source;

    @Column(nullable = false)
    private double lightness;

    @Column(nullable = false)
    private double a;

    @Column(nullable = false)
    private double b;

    @JdbcTypeCode(SqlTypes.JSON)
    private double @Nullable [] spectrum;

    @Column(nullable = false)
    private double hiding;

    @Column(nullable = false)
    private double softness;

    @Column(nullable = false)
    private boolean colourless;

    /** Copies besides those in sets; negative where so many of the sets' are broken or lost. */
    @Column(nullable = false)
    private int extra;

    @Column(name = "lead_mm", nullable = false)
    private int leadMm;

    /** When somebody looked how much lead is left; null where nobody has since it was taken in. */
    @Column(name = "lead_seen_at")
    private Instant leadSeenAt;

    protected OwnedPencil() {}

    OwnedPencil(PencilData data) {
        set(data);
    }

    void set(PencilData data) {
        range = data.range();
        code = data.code();
        name = data.name();
        binder = data.binder();
        source = data.source();
        lightness = data.masstone().lightness();
        a = data.masstone().a();
        b = data.masstone().b();
        spectrum = data.spectrum().map(Spectrum::toArray).orElse(null);
        hiding = data.hiding();
        softness = data.softness();
        colourless = data.colourless();
        extra = data.extra();
        if (leadMm != data.leadMm()) {
            see(data.leadMm(), Now.instant());
        }
    }

    /** How much lead is left, as somebody has just seen. */
    void see(int left, Instant when) {
        leadMm = left;
        leadSeenAt = when.truncatedTo(ChronoUnit.MICROS);
        touch();
    }

    /** So many of it are there besides those in sets, as somebody has just counted. */
    void count(int besides) {
        extra = besides;
        touch();
    }

    /** As calibration found it: what was picked by eye is measured now. */
    void calibrate(Pencil found) {
        become(found, source == ColourSource.PICKED ? ColourSource.MEASURED_LAB : source);
    }

    /** As a chart found it. */
    void charted(Pencil found) {
        become(found, ColourSource.CHART);
    }

    private void become(Pencil found, ColourSource known) {
        Lab lab = found.masstone().toLab();
        source = known;
        lightness = lab.lightness();
        a = lab.a();
        b = lab.b();
        spectrum = found.masstone().toArray();
        hiding = found.hiding();
        softness = found.softness();
    }

    String range() {
        return range;
    }

    String code() {
        return code;
    }

    Lab masstone() {
        return new Lab(lightness, a, b);
    }

    ColourSource source() {
        return source;
    }

    int extra() {
        return extra;
    }

    int leadMm() {
        return leadMm;
    }

    Instant leadSeenAt() {
        return leadSeenAt == null ? createdAt() : leadSeenAt;
    }

    Pencil toPencil() {
        Spectrum masstone = spectrum == null ? SmoothReflectance.of(masstone()) : Spectrum.of(spectrum);
        return new Pencil(code, name, binder, masstone, hiding, softness, colourless);
    }
}
