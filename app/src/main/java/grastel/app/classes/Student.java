package grastel.app.classes;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;

@Entity
@Table(name = "student")
class Student extends Owned {
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "class_id", nullable = false)
    private SchoolClass schoolClass;

    @Column(nullable = false, length = 120)
    private String name;

    @Column(nullable = false)
    private int place;

    protected Student() {}

    Student(SchoolClass schoolClass, String name, int place) {
        this.schoolClass = schoolClass;
        this.name = name;
        this.place = place;
    }

    void rename(String other) {
        name = other;
    }

    String name() {
        return name;
    }

    int place() {
        return place;
    }
}
