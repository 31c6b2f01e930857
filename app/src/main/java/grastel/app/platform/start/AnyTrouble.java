package grastel.app.platform.start;

import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalyzer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;

/** What nothing else can explain. */
@Order(Ordered.LOWEST_PRECEDENCE)
class AnyTrouble implements FailureAnalyzer {
    @Override
    public FailureAnalysis analyze(Throwable failure) {
        return new FailureAnalysis(
                "Grastel could not start, for a reason it does not know.",
                "The log in the data folder, logs/grastel.log, tells more. Nothing of your data was changed.",
                failure);
    }
}
