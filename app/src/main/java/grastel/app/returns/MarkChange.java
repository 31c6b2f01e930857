package grastel.app.returns;

import grastel.app.platform.Owned;
import grastel.core.judging.Level;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;

/** One decision about one mark; they are only ever added. */
@Entity
@Table(name = "mark_change")
class MarkChange extends Owned {
    @Column(name = "mark_id", nullable = false, updatable = false)
    private UUID mark;

    @Enumerated(EnumType.ORDINAL)
    @Column(name = "from_level", columnDefinition = "integer")
    private Level from;

    @Enumerated(EnumType.ORDINAL)
    @Column(name = "to_level", columnDefinition = "integer")
    private Level to;

    @Column(name = "changed_by", nullable = false, updatable = false)
    private UUID by;

    protected MarkChange() {}

    /** @param from null where nothing was decided before; @param to null where the decision was taken back */
    MarkChange(UUID mark, Level from, Level to, UUID by) {
        this.mark = mark;
        this.from = from;
        this.to = to;
        this.by = by;
    }

    UUID mark() {
        return mark;
    }

    Level from() {
        return from;
    }

    Level to() {
        return to;
    }

    UUID by() {
        return by;
    }
}
