package grastel.app.returns;

import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.api.RunInfo;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;

/** A teacher whose class of three has a printed pressure scale of five boxes, of which nothing has come back. */
public abstract class PrintedSheetTestBase extends ApplicationTest {
    protected SignedIn teacher;
    protected RunInfo run;
    /** The students' pages, in the order of the class. */
    protected List<PageInfo> printed;

    @BeforeEach
    void printedSheets() {
        teacher = newTeacher();
        run = printed(teacher);
        printed = as(teacher, () -> printings.pages(run.id()));
    }
}
