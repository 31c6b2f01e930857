package grastel.app.sheets.migrations;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.OnlyOnH2;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.rows.SheetJson;
import grastel.app.stored.StoredJson;
import grastel.core.exercise.plan.SheetPlan;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** A database of the first slice, with one sheet in it, brought up to date. */
@OnlyOnH2
class CarryOverTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String PLAN = """
            {"fields": [
              {"id": "1", "widthMm": 20, "heightMm": 20, "askedLightness": 92, "recipe": {"grade": "WHISPER", "passes": 1,
               "lightness": 91.5, "specks": 0.8, "toothLeft": 0.9}, "predicted": {"lightness": 91.5, "a": 4, "b": 3,
               "white": {"x": 0.95047, "y": 1.0, "z": 1.08883}}},
              {"id": "2", "widthMm": 20, "heightMm": 20, "askedLightness": 48, "recipe": {"grade": "FULL", "passes": 2,
               "lightness": 48.2, "specks": 0.0, "toothLeft": 0.1}, "predicted": {"lightness": 48.2, "a": 60, "b": 38,
               "white": {"x": 0.95047, "y": 1.0, "z": 1.08883}}}],
             "darkening": true, "paperLightness": 95.2, "lightest": 92, "darkest": 48, "minutes": 6.5, "feasibility": []}
            """;
    private static final String LAYOUT = """
            {"size": "A4", "fields": [{"id": "1", "rect": {"x": 14, "y": 52, "width": 20, "height": 20}}], "rules": [],
             "texts": [], "patches": [], "bits": []}
            """;

    private static FluentConfiguration flyway(String url) {
        return Flyway.configure()
                .dataSource(url, "sa", "")
                .locations("classpath:db/migration/h2")
                .javaMigrations(new V4__CarryOver(JSON));
    }

    @Test
    void aKeptSheetIsReadAsBefore() throws Exception {
        String url = "jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1";
        flyway(url).target("3").load().migrate();
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement statement = connection.createStatement()) {
            fill(statement);
            flyway(url).load().migrate();

            try (ResultSet row = statement.executeQuery("select exercises, plan, layout from sheet_version")) {
                assertThat(row.next()).isTrue();
                SheetJson json = new SheetJson(JSON, new StoredJson(JSON));
                SheetData.ExerciseData exercise =
                        json.exercises(row.getString(1)).get(0);
                assertThat(exercise.kind()).isEqualTo("pressure-scale");
                assertThat(exercise.values().get("steps").number()).isEqualTo(2);
                SheetPlan plan = json.plan(row.getString(2));
                assertThat(plan.palette()).singleElement().returns("Buoy Red", p -> p.name());
                assertThat(plan.field("2").askedLightness()).isEqualTo(48);
                assertThat(plan.exercises().get(0).goals()).hasSize(6);
                assertThat(json.pages(row.getString(3)).get(0).fields().get(0).isShape())
                        .isFalse();
            }
            twoPagesOfOneStudentMayBePrinted(statement);
        }
    }

    private static final String OWNED = "'00000000-0000-0000-0000-000000000001', current_timestamp";

    private static String id(int n) {
        return "'00000000-0000-0000-0000-0000000000" + n + "'";
    }

    private static void fill(Statement s) throws Exception {
        s.execute("insert into teacher (id, sign_in_name, display_name, password_hash, created_at) values"
                + " ('00000000-0000-0000-0000-000000000001', 't', 'T', 'x', current_timestamp)");
        s.execute("insert into school_class (id, owner_id, created_at, name, band) values (" + id(10) + ", " + OWNED
                + ", '8 Dunlin', 'DEVELOPING')");
        s.execute("insert into student (id, owner_id, created_at, class_id, name, place) values (" + id(11) + ", "
                + OWNED + ", " + id(10) + ", 'Ana', 1)");
        s.execute(
                "insert into pencil (id, owner_id, created_at, range_name, code, name, binder, lightness, a, b, hiding,"
                        + " softness) values (" + id(12) + ", " + OWNED
                        + ", 'Skerry', 'S07', 'Buoy Red', 'WAX', 44, 60, 38, 0.5, 1)");
        s.execute("insert into paper (id, owner_id, created_at, name, lightness, a, b, tooth_depth, grain_mm) values ("
                + id(13) + ", " + OWNED + ", 'Harbour Cartridge', 95.2, -0.3, 2.4, 1, 0.32)");
        s.execute("insert into sheet (id, owner_id, created_at, title) values (" + id(14) + ", " + OWNED + ", 'Red')");
        s.execute(
                "insert into sheet_version (id, owner_id, created_at, sheet_id, number, pencil_id, paper_id, page_size,"
                        + " steps, direction, box_mm, plan, layout) values (" + id(15) + ", " + OWNED + ", " + id(14)
                        + ", 1, "
                        + id(12) + ", " + id(13) + ", 'A4', 2, 'LIGHT_TO_DARK', 20, '" + PLAN + "', '" + LAYOUT + "')");
        s.execute("insert into print_run (id, owner_id, created_at, version_id, class_id, band, code) values (" + id(16)
                + ", " + OWNED + ", " + id(15) + ", " + id(10) + ", 'DEVELOPING', '7KQ2M9XB')");
        s.execute("insert into printed_page (id, owner_id, created_at, run_id, student_id, number) values (" + id(17)
                + ", " + OWNED + ", " + id(16) + ", " + id(11) + ", 1)");
    }

    private static void twoPagesOfOneStudentMayBePrinted(Statement s) throws Exception {
        s.execute("insert into printed_page (id, owner_id, created_at, run_id, student_id, number, part) values ("
                + id(18) + ", " + OWNED + ", " + id(16) + ", " + id(11) + ", 2, 1)");
        try (ResultSet count = s.executeQuery("select count(*) from printed_page")) {
            count.next();
            assertThat(count.getInt(1)).isEqualTo(2);
        }
    }
}
