package grastel.app.sharing;

import grastel.app.platform.Owned;
import grastel.app.platform.colleagues.Right;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;

/** A class of its owner's that a colleague may see. */
@Entity
@Table(name = "class_share")
class ClassShare extends Owned {
    @Column(name = "class_id", nullable = false, updatable = false)
    private UUID schoolClass;

    @Column(name = "colleague_id", nullable = false, updatable = false)
    private UUID colleague;

    @Enumerated(EnumType.STRING)
    @Column(name = "may", nullable = false, length = 20)
    private Right right;

    protected ClassShare() {}

    ClassShare(UUID schoolClass, UUID colleague, Right right) {
        this.schoolClass = schoolClass;
        this.colleague = colleague;
        this.right = right;
    }

    UUID schoolClass() {
        return schoolClass;
    }

    UUID colleague() {
        return colleague;
    }

    Right right() {
        return right;
    }

    void allow(Right other) {
        right = other;
    }
}
