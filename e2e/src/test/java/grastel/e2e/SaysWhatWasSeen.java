package grastel.e2e;

import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/** Puts what stood on the page under a browser test's failure. */
final class SaysWhatWasSeen implements TestExecutionExceptionHandler {
    @Override
    public void handleTestExecutionException(ExtensionContext context, Throwable thrown) throws Throwable {
        System.err.println(context.getDisplayName() + " failed; the page said: " + TestBrowser.lastSeen());
        throw thrown;
    }
}
