package grastel.app.returns.feedback;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** Words a teacher says to students again and again. */
@Entity
@Table(name = "phrase")
public class Phrase extends Owned {
    @Column(nullable = false, length = 200)
    private String words;

    protected Phrase() {}

    public Phrase(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
