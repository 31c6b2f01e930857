package grastel.app.kit;

import grastel.app.platform.Revised;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.OneToMany;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/** A set of pencils and the classes that use it. */
@Entity
@Table(name = "pencil_set")
class OwnedSet extends Revised {
    @Column(nullable = false, length = 60)
    private String name;

    @OneToMany(mappedBy = "set", cascade = CascadeType.ALL, orphanRemoval = true)
    private List<SetPencil> members = new ArrayList<>();

    @OneToMany(mappedBy = "set", cascade = CascadeType.ALL, orphanRemoval = true)
    private List<ClassSet> users = new ArrayList<>();

    protected OwnedSet() {}

    OwnedSet(String name, Collection<UUID> pencils) {
        set(name, pencils);
    }

    /** Members that stay keep their row. */
    void set(String newName, Collection<UUID> newPencils) {
        name = newName;
        touch();
        Set<UUID> wanted = new LinkedHashSet<>(newPencils);
        members.removeIf(m -> !wanted.contains(m.pencil()));
        wanted.removeAll(pencils());
        wanted.forEach(pencil -> members.add(new SetPencil(this, pencil)));
    }

    String name() {
        return name;
    }

    Set<UUID> pencils() {
        return members.stream().map(SetPencil::pencil).collect(Collectors.toSet());
    }

    List<ClassSet> users() {
        return users;
    }
}
