package grastel.app.platform.start;

import java.util.List;

/** Something more to say at the console when the program is ready. */
public interface GreetingLines {
    List<String> lines();
}
