package grastel.app.classes;

import grastel.app.platform.Owned;
import grastel.core.exercise.GradeBand;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;

@Entity
@Table(name = "school_class")
class SchoolClass extends Owned {
    @Column(nullable = false, length = 60)
    private String name;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 20)
    private GradeBand band;

    @OneToMany(mappedBy = "schoolClass", cascade = CascadeType.ALL, orphanRemoval = true)
    @OrderBy("place")
    private List<Student> students = new ArrayList<>();

    @OneToMany(mappedBy = "schoolClass", cascade = CascadeType.ALL, orphanRemoval = true)
    @OrderBy("weekday, starts")
    private List<ClassPeriod> periods = new ArrayList<>();

    protected SchoolClass() {}

    SchoolClass(String name, GradeBand band) {
        this.name = name;
        this.band = band;
    }

    String name() {
        return name;
    }

    GradeBand band() {
        return band;
    }

    void change(String newName, GradeBand newBand) {
        name = newName;
        band = newBand;
    }

    List<Student> students() {
        return students;
    }

    List<ClassPeriod> periods() {
        return periods;
    }
}
