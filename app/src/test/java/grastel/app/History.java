package grastel.app;

import java.sql.Connection;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Weeks of returned sheets, laid into the database as if a class had done them: each further printing is a copy of one that was
 * really printed, read and confirmed. For counting statements and measuring times only.
 */
public final class History {
    private final JdbcTemplate jdbc;
    /** An expression; the databases call it differently. */
    private final String anyId;

    public History(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
        String database =
                jdbc.execute((Connection connection) -> connection.getMetaData().getDatabaseProductName());
        this.anyId = "H2".equals(database) ? "random_uuid()" : "gen_random_uuid()";
    }

    /**
     * Copies a run, its pages, what was read on them, their marks and decisions.
     *
     * @param run with at least one page that has been read and confirmed: it stands in for pages that have not
     * @param into class whose students the copies are of; one page each
     * @param weeks how many copies, each a week older than the one before
     */
    public void copy(UUID run, UUID into, int weeks) {
        UUID owner = jdbc.queryForObject("select owner_id from print_run where id = ?", UUID.class, run);
        UUID read = jdbc.queryForList(
                        "select id from returned_page where run_id = ? and confirmed_at is not null", UUID.class, run)
                .get(0);
        List<UUID> students =
                jdbc.queryForList("select id from student where class_id = ? order by place", UUID.class, into);
        Instant now = Instant.now().truncatedTo(ChronoUnit.MICROS);
        for (int week = 1; week <= weeks; week++) {
            Timestamp then = Timestamp.from(now.minus(7L * week, ChronoUnit.DAYS));
            UUID copy = UUID.randomUUID();
            jdbc.update(
                    "insert into print_run (id, owner_id, created_at, version_id, class_id, band, code)"
                            + " select ?, owner_id, ?, version_id, ?, band, ? from print_run where id = ?",
                    copy,
                    then,
                    into,
                    code(copy),
                    run);
            for (int i = 0; i < students.size(); i++) {
                page(read, copy, students.get(i), into, owner, i + 1, then);
            }
        }
    }

    private static String code(UUID id) {
        return id.toString().substring(0, 8).toUpperCase(java.util.Locale.ROOT);
    }

    private void page(UUID read, UUID run, UUID student, UUID schoolClass, UUID owner, int number, Timestamp then) {
        UUID printed = UUID.randomUUID();
        UUID file = UUID.randomUUID();
        UUID page = UUID.randomUUID();
        jdbc.update(
                "insert into printed_page (id, owner_id, created_at, run_id, student_id, number, part)"
                        + " values (?, ?, ?, ?, ?, ?, 0)",
                printed,
                owner,
                then,
                run,
                student,
                number);
        jdbc.update(
                "insert into scan_file (id, owner_id, created_at, name, media_type, sha256, source)"
                        + " values (?, ?, ?, 'scan.jpg', 'image/jpeg', ?, 'UPLOAD')",
                file,
                owner,
                then,
                file.toString());
        jdbc.update(
                "insert into returned_page (id, owner_id, created_at, file_id, page_index, state, printed_page_id, run_id, sheet_id, part,"
                        + " student_id, class_id, found_code, reading, reader_version, read_at, confirmed_at, flags)"
                        + " select ?, owner_id, ?, ?, 0, state, ?, ?, sheet_id, part, ?, ?, found_code, reading, reader_version, ?, ?, flags"
                        + " from returned_page where id = ?",
                page,
                then,
                file,
                printed,
                run,
                student,
                schoolClass,
                then,
                then,
                read);
        jdbc.update(
                "insert into goal_mark (id, owner_id, created_at, page_id, goal, exercise, place, proposed, figure,"
                        + " plus_minus, nearly, secure, beyond, band, factor, close_call, cause, field, at_mm, kind, level, decided_at,"
                        + " decided_by) select " + anyId + ", owner_id, ?, ?, goal, exercise, place, proposed, figure,"
                        + " plus_minus, nearly, secure, beyond, band, factor, close_call, cause, field, at_mm, kind, level, ?, decided_by"
                        + " from goal_mark where page_id = ?",
                then,
                page,
                then,
                read);
        jdbc.update(
                "insert into page_image (id, owner_id, created_at, page_id, part, sha256)" + " select " + anyId
                        + ", owner_id, ?, ?, part, sha256 from page_image where page_id = ?",
                then,
                page,
                read);
        jdbc.update(
                "insert into mark_change (id, owner_id, created_at, page_id, exercise, goal, proposed, from_level, to_level,"
                        + " changed_by) select " + anyId
                        + ", owner_id, ?, ?, exercise, goal, proposed, from_level, to_level,"
                        + " changed_by from mark_change where page_id = ?",
                then,
                page,
                read);
    }
}
