package grastel.app.sheets.rows;

import grastel.app.platform.Revised;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A sheet; what is on it stands in its versions. */
@Entity
@Table(name = "sheet")
public class Sheet extends Revised {
    @Column(nullable = false, length = 120)
    private String title;

    /** True for what single students do again: each has a version of its own. */
    @Column(nullable = false, updatable = false)
    private boolean personal;

    protected Sheet() {}

    public Sheet(String title) {
        this(title, false);
    }

    public Sheet(String title, boolean personal) {
        this.title = title;
        this.personal = personal;
    }

    public String title() {
        return title;
    }

    boolean isPersonal() {
        return personal;
    }

    public void change(String newTitle) {
        title = newTitle;
        touch();
    }
}
