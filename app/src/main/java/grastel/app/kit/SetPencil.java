package grastel.app.kit;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.util.UUID;

/** A pencil of a set. */
@Entity
@Table(name = "set_pencil")
class SetPencil extends Owned {
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "set_id", nullable = false, updatable = false)
    private OwnedSet set;

    @Column(name = "pencil_id", nullable = false, updatable = false)
    private UUID pencil;

    protected SetPencil() {}

    SetPencil(OwnedSet set, UUID pencil) {
        this.set = set;
        this.pencil = pencil;
    }

    UUID pencil() {
        return pencil;
    }
}
