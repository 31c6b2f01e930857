package grastel.app.course.calendar;

import grastel.app.course.CourseData.LessonData;
import grastel.app.course.CourseSchedule;
import grastel.core.planning.Schedule.LessonPart;
import grastel.core.planning.Schedule.OnPeriod;
import grastel.core.planning.calendar.Period;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistry;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableStatus;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.jspecify.annotations.Nullable;

/**
 * Periods and their lessons as a calendar (RFC 5545). Times are local with their zone, so that they stay with the school's
 * bell through changes of the clock. It holds no student's name.
 */
final class CalendarFile {
    static {
        System.setProperty("net.fortuna.ical4j.timezone.update.enabled", "false");
    }

    private static final TimeZoneRegistry ZONES =
            TimeZoneRegistryFactory.getInstance().createRegistry();
    private static final DateTimeFormatter KEY = DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmm", java.util.Locale.ROOT);

    private CalendarFile() {}

    /** @param zone the school's; @param now when it is written */
    static byte[] of(List<CourseSchedule> lanes, ZoneId zone, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Grastel//Course//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        TimeZone known = ZONES.getTimeZone(zone.getId());
        if (known != null) {
            calendar.add(known.getVTimeZone());
        }
        ZoneId written = known == null ? ZoneId.of("UTC") : zone;
        for (CourseSchedule lane : lanes) {
            Map<LocalDateTime, OnPeriod> laid = new HashMap<>();
            lane.laid().periods().forEach(p -> laid.put(p.period().key(), p));
            for (Period period : lane.periods()) {
                calendar.add(event(lane, period, laid.get(period.key()), zone, written, now));
            }
        }
        return folded(calendar);
    }

    private static byte[] folded(Calendar calendar) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            new CalendarOutputter(false).output(calendar, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static VEvent event(
            CourseSchedule lane, Period period, @Nullable OnPeriod on, ZoneId zone, ZoneId written, Instant now) {
        ZonedDateTime starts = period.starts().atZone(zone).withZoneSameInstant(written);
        ZonedDateTime ends = period.ends().atZone(zone).withZoneSameInstant(written);
        VEvent event = new VEvent(starts, ends, summary(lane, on));
        event.removeAll("DTSTAMP");
        event.add(new DtStamp(now));
        event.add(new Uid(lane.schoolClass().id() + "-" + KEY.format(period.key()) + "@grastel"));
        if (!period.room().isBlank()) {
            event.add(new Location(period.room()));
        }
        if (!period.isHeld()) {
            event.add(ImmutableStatus.VEVENT_CANCELLED);
        }
        if (on != null && !on.pieces().isEmpty()) {
            event.add(new Description(on.pieces().stream()
                    .map(p -> lesson(lane, p).aim())
                    .filter(aim -> !aim.isBlank())
                    .collect(Collectors.joining("\n"))));
        }
        return event;
    }

    private static String summary(CourseSchedule lane, @Nullable OnPeriod on) {
        String name = lane.schoolClass().name();
        if (on == null || on.pieces().isEmpty()) {
            return name;
        }
        return name
                + on.pieces().stream()
                        .map(p -> lesson(lane, p))
                        .map(l -> l.title() + " (" + (lane.lessons().indexOf(l) + 1) + " of "
                                + lane.lessons().size() + ")")
                        .collect(Collectors.joining(", then ", ": ", ""));
    }

    private static LessonData lesson(CourseSchedule lane, LessonPart piece) {
        return lane.lessons().stream()
                .filter(l -> l.id().toString().equals(piece.lesson()))
                .findFirst()
                .orElseThrow();
    }
}
