package grastel.app.demo;

import grastel.app.projects.Projects;
import grastel.app.projects.Rights;
import grastel.core.stilllife.HarbourFind;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** One thing from the harbour: pictures that the program has drawn itself. */
@Component
@Profile("demo")
class DemoProjects {
    private static final int HEIGHT_PX = 1500;

    private final Projects projects;

    DemoProjects(Projects projects) {
        this.projects = projects;
    }

    void make(UUID schoolClass) {
        take("Mussel shell", HarbourFind.MUSSEL, schoolClass);
        take("Glass float", HarbourFind.GLASS_FLOAT, schoolClass);
        take("Enamel mug", HarbourFind.ENAMEL_MUG, schoolClass);
    }

    private void take(String title, HarbourFind find, UUID schoolClass) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(find.picture(HEIGHT_PX, find.ordinal()), "jpeg", out);
            projects.create(
                    title, schoolClass, Rights.SET_UP_FROM_LIFE, "on the window sill of Room 4", out.toByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
