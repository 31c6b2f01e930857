package grastel.app.sheets;

import grastel.app.platform.Owned;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;

@Entity
@Table(name = "sheet")
class Sheet extends Owned {
    @Column(nullable = false, length = 120)
    private String title;

    @OneToMany(mappedBy = "sheet", cascade = CascadeType.ALL)
    @OrderBy("number")
    private List<SheetVersion> versions = new ArrayList<>();

    protected Sheet() {}

    Sheet(String title) {
        this.title = title;
    }

    String title() {
        return title;
    }

    void rename(String newTitle) {
        title = newTitle;
    }

    List<SheetVersion> versions() {
        return versions;
    }

    SheetVersion latest() {
        return versions.get(versions.size() - 1);
    }
}
