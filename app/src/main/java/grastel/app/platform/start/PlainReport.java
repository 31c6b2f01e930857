package grastel.app.platform.start;

import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalysisReporter;

/** Tells a person at the console why the program did not start. */
class PlainReport implements FailureAnalysisReporter {
    @Override
    public void report(FailureAnalysis analysis) {
        System.err.println("grastel: " + analysis.getDescription());
        System.err.println("grastel: " + analysis.getAction());
    }
}
