package grastel.app.projects;

import grastel.app.projects.ProjectColours.With;
import grastel.app.projects.Projects.ProjectInfo;
import grastel.app.sheets.api.PiecesAtHand;
import grastel.core.exercise.Piece;
import grastel.core.exercise.Setting;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Every project as a picture that a sheet can ask for. */
@Component
class ProjectPieces implements PiecesAtHand {
    private final Projects projects;
    private final ProjectColours colours;

    ProjectPieces(Projects projects, ProjectColours colours) {
        this.projects = projects;
        this.colours = colours;
    }

    @Override
    public List<Piece> all() {
        return projects.all().stream()
                .map(p -> (Piece) new ProjectPiece(p, colours))
                .toList();
    }

    @Override
    public Map<UUID, String> own(@Nullable String piece) {
        return piece == null
                ? Map.of()
                : projects.own(UUID.fromString(piece)).entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, e -> e.getValue().toString()));
    }

    private record ProjectPiece(ProjectInfo project, ProjectColours colours) implements Piece {
        @Override
        public String id() {
            return project.id().toString();
        }

        @Override
        public String title() {
            return project.title();
        }

        @Override
        public double widthMm() {
            return project.settings().frameWidthMm();
        }

        @Override
        public double heightMm() {
            return project.settings().frameHeightMm();
        }

        @Override
        public Work work(Setting setting) {
            With with = new With(setting.pencils().name(), setting.paper(), setting.colours(), setting.method());
            ProjectData settings = project.settings();
            return colours.drawn(project.id(), settings, colours.limited(project.id(), settings, with));
        }
    }
}
