package grastel.app.returns.page;

import grastel.app.sheets.Printings.PageInfo;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.UUID;

/**
 * Which printed page a returned one is, and so whose; kept with it, so that it is found by run, student and class.
 *
 * @param part which page of the sheet, from 0
 */
@Embeddable
public record PageAssignment(
        @Column(name = "printed_page_id") UUID printedPage,
        @Column(name = "run_id") UUID run,
        @Column(name = "sheet_id") UUID sheet,
        @Column(name = "part") Integer part,
        @Column(name = "student_id") UUID student,
        @Column(name = "class_id") UUID schoolClass) {
    public static PageAssignment of(PageInfo page) {
        return new PageAssignment(
                page.id(),
                page.run().id(),
                page.run().sheet(),
                page.part(),
                page.student(),
                page.run().schoolClass());
    }
}
