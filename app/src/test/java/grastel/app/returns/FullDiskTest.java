package grastel.app.returns;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.DeskTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Sheets;
import grastel.core.scanner.Hand;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** A disk on which less than the reserve is free: the reserve is set larger than any disk. */
@TestPropertySource(properties = "grastel.reserve-mb=4000000000")
class FullDiskTest extends DeskTest {
    @Test
    void nothingIsStoredAndTheTeacherIsTold() {
        SignedIn teacher = newTeacher();
        Sheets.RunInfo run = printed(teacher);
        UUID printedPage = as(teacher, () -> sheets.pages(run.id()).get(0).id());
        byte[] scan = scan(teacher, printedPage, Hand.EXACT, 1);

        MvcTestResult answer = uploadAll(teacher, new MockMultipartFile("files", "scan.jpg", null, scan));

        assertThat(answer).hasStatus(507);
        assertThat(JsonPath.<String>read(content(answer), "$.code")).isEqualTo("DISK_FULL");
        assertThat(jdbc.queryForObject("select count(*) from scan_file", Integer.class))
                .isZero();
    }
}
