package grastel.app.platform.colleagues;

import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;

/** A place tells which class its rows belong to. Asked as the owner. */
public interface ClassOf {
    About about();

    Optional<UUID> find(UUID id);

    static ClassOf of(About about, Function<UUID, Optional<UUID>> find) {
        return new ClassOf() {
            @Override
            public About about() {
                return about;
            }

            @Override
            public Optional<UUID> find(UUID id) {
                return find.apply(id);
            }
        };
    }
}
