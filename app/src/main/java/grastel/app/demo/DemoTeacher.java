package grastel.app.demo;

import grastel.app.account.DemoSignIn;
import grastel.app.platform.start.GreetingLines;
import java.util.List;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** The demo's teacher; the sign-in page of the demo shows these words, and nothing else does. */
@Component
@Profile("demo")
public class DemoTeacher implements DemoSignIn, GreetingLines {
    @Override
    public List<String> lines() {
        return List.of("demo world of Saltmere Community School; sign in as " + name() + " with " + password());
    }

    @Override
    public String name() {
        return "m.okonjo";
    }

    @Override
    public String password() {
        return "kelp-rope-lantern-tide";
    }

    String displayName() {
        return "Maren Okonjo";
    }
}
