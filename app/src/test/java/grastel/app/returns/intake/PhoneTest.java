package grastel.app.returns.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class PhoneTest extends ApplicationTest {
    @Autowired
    private PhoneLinks links;

    @Test
    void aLinkEndsByItself() {
        SignedIn teacher = newTeacher();
        UUID schoolClass = as(teacher, () -> newClass(teacher)).id();
        Clock later = Clock.fixed(Instant.now().plus(Duration.ofMinutes(16)), ZoneOffset.UTC);
        String token = as(
                teacher,
                () -> new Phone(links, classes, Clock.systemUTC())
                        .open(schoolClass)
                        .token());

        assertThat(new Phone(links, classes, Clock.systemUTC()).enter(token).owner())
                .isEqualTo(teacher.id());
        assertThat(catchThrowable(() -> new Phone(links, classes, later).enter(token)))
                .hasMessageContaining("expired");
    }
}
