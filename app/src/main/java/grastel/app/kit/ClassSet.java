package grastel.app.kit;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.util.UUID;

/** So many of a set are put out for a class. */
@Entity
@Table(name = "class_set")
class ClassSet extends Owned {
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "set_id", nullable = false, updatable = false)
    private OwnedSet set;

    @Column(name = "class_id", nullable = false)
    private UUID schoolClass;

    @Column(name = "how_many", nullable = false)
    private int howMany;

    protected ClassSet() {}

    ClassSet(OwnedSet set, UUID schoolClass, int howMany) {
        this.set = set;
        this.schoolClass = schoolClass;
        this.howMany = howMany;
    }

    UUID schoolClass() {
        return schoolClass;
    }

    int howMany() {
        return howMany;
    }
}
