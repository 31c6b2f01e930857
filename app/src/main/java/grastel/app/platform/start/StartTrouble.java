package grastel.app.platform.start;

import java.net.BindException;
import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalyzer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;

/** Says plainly why the program cannot start, and what to do. */
@Order(Ordered.HIGHEST_PRECEDENCE)
class StartTrouble implements FailureAnalyzer {
    @Override
    public @Nullable FailureAnalysis analyze(Throwable failure) {
        for (Throwable t = failure; t != null; t = t.getCause()) {
            FailureAnalysis known = known(t, failure);
            if (known != null) {
                return known;
            }
        }
        return null;
    }

    private static @Nullable FailureAnalysis known(Throwable cause, Throwable failure) {
        if (cause instanceof DataFolder.Unusable unusable) {
            return new FailureAnalysis(
                    unusable.getMessage(),
                    "Give this user leave to write there, or name another folder: GRASTEL_DATA=<folder>.",
                    failure);
        }
        if (cause instanceof LanguageCheck.Unknown unknown) {
            return new FailureAnalysis(
                    unknown.getMessage(), "Known are: " + String.join(", ", unknown.known()) + ".", failure);
        }
        if (cause instanceof BindException) {
            return new FailureAnalysis(
                    "The port is in use by another program, perhaps another Grastel.",
                    "Stop the other one first, or use another port: GRASTEL_PORT=<number>.",
                    failure);
        }
        if (cause.getClass().getName().startsWith("org.flywaydb")
                && String.valueOf(cause.getMessage()).contains("alidat")) {
            return new FailureAnalysis(
                    "This data was made by another version of Grastel, which this one does not know.",
                    "Start the version that made it, or a newer one. Nothing was changed.",
                    failure);
        }
        if (cause instanceof SQLException sql) {
            FailureAnalysis known = ofDatabase(sql, failure);
            return known == null ? ofServer(sql, failure) : known;
        }
        return null;
    }

    /** By PostgreSQL's SQLSTATEs. */
    private static @Nullable FailureAnalysis ofServer(SQLException sql, Throwable failure) {
        return switch (String.valueOf(sql.getSQLState())) {
            case "08001", "08004", "08006", "57P03" ->
                new FailureAnalysis(
                        "The PostgreSQL server does not answer.",
                        "Start it, or say where it is: SPRING_DATASOURCE_URL=jdbc:postgresql://<host>:<port>/<database>.",
                        failure);
            case "28000", "28P01" ->
                new FailureAnalysis(
                        "The PostgreSQL server does not let Grastel in.",
                        "Say as whom to ask: SPRING_DATASOURCE_USERNAME and SPRING_DATASOURCE_PASSWORD.",
                        failure);
            case "3D000" ->
                new FailureAnalysis(
                        "The PostgreSQL server has no such database.",
                        "Make one there (createdb --owner=<user> grastel), or name another in SPRING_DATASOURCE_URL.",
                        failure);
            case "53300" ->
                new FailureAnalysis(
                        "The PostgreSQL server takes no more connections.",
                        "Raise its max_connections: each node takes up to ten, and one to hear the others.",
                        failure);
            default -> null;
        };
    }

    /** By H2's error codes. */
    private static @Nullable FailureAnalysis ofDatabase(SQLException sql, Throwable failure) {
        return switch (sql.getErrorCode()) {
            case 90020 ->
                new FailureAnalysis(
                        "The data folder is in use by another running Grastel.",
                        "Stop the other one first, or start this one with another folder: GRASTEL_DATA=<folder>.",
                        failure);
            case 90030, 90048, 50000 ->
                new FailureAnalysis(
                        "The database in the data folder is damaged and cannot be opened.",
                        "Move the folder aside and bring the last backup back: ./grastel restore FILE."
                                + " Keep the damaged file; much of it can often be saved.",
                        failure);
            case 90097, 90028, 90031 ->
                new FailureAnalysis(
                        "The database in the data folder cannot be written.",
                        "Give this user leave to write its files and see that the disk has room.",
                        failure);
            default -> null;
        };
    }
}
