package grastel.app.projects;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.projects.Projects.ProjectInfo;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.page.PageSize;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Projects as sheets that classes draw on. */
@Service
public class ProjectSheets {
    private final Projects projects;
    private final ProjectColours colours;
    private final Sheets sheets;

    ProjectSheets(Projects projects, ProjectColours colours, Sheets sheets) {
        this.projects = projects;
        this.colours = colours;
        this.sheets = sheets;
    }

    /** The sheet of a project as it is kept, for its class, set and paper. @return its id */
    public UUID make(UUID project, PageSize size) {
        ProjectInfo of = projects.one(project);
        if (of.ofProject() != null) {
            throw ApiProblem.conflict("OWN_PICTURE", say("problem.one-students-own-picture"));
        }
        ExerciseData piece = new ExerciseData("finished-piece", Map.of("piece", ValueData.of(project.toString())));
        SheetData data = new SheetData(
                of.schoolClass(), of.settings().set(), colours.paper(of.settings()), size, List.of(piece));
        return sheets.create(of.title(), data).id();
    }
}
