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

    protected Sheet() {}

    Sheet(String title) {
        this.title = title;
    }

    String title() {
        return title;
    }

    void change(String newTitle) {
        title = newTitle;
        touch();
    }
}
