package grastel.app.sheets;

import grastel.app.platform.Revised;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A sheet; what is on it stands in its versions. */
@Entity
@Table(name = "sheet")
class Sheet extends Revised {
    @Column(nullable = false, length = 120)
    private String title;

    /** True for what single students do again: each has a version of its own. */
    @Column(nullable = false, updatable = false)
    private boolean personal;

    protected Sheet() {}

    Sheet(String title) {
        this(title, false);
    }

    Sheet(String title, boolean personal) {
        this.title = title;
        this.personal = personal;
    }

    String title() {
        return title;
    }

    boolean isPersonal() {
        return personal;
    }

    void change(String newTitle) {
        title = newTitle;
        touch();
    }
}
