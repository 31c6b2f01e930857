package grastel.app.returns.page;

import grastel.app.platform.AfterCommit;
import grastel.app.platform.Ownership;
import grastel.app.returns.api.ClassPagesChanged;
import grastel.app.returns.api.PageChanged;
import java.io.IOException;
import java.util.Map;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.databind.json.JsonMapper;

/** Tells a teacher's open pages which returned page has changed. Server-sent events; the data names the page and its run. */
@Component
public class ReturnEvents {
    private static final long HOUR = 3_600_000;
    /** More than anybody has open at once. */
    static final int MOST_WINDOWS = 20;

    private static final Queue<SseEmitter> NOBODY = new ConcurrentLinkedQueue<>();

    private final Map<UUID, Queue<SseEmitter>> listeners = new ConcurrentHashMap<>();
    private final ApplicationEventPublisher events;
    private final JsonMapper json;

    ReturnEvents(ApplicationEventPublisher events, JsonMapper json) {
        this.events = events;
        this.json = json;
    }

    public SseEmitter listen() {
        SseEmitter emitter = new SseEmitter(HOUR);
        Queue<SseEmitter> own = listeners.computeIfAbsent(Ownership.current(), owner -> new ConcurrentLinkedQueue<>());
        // a window that was left open somewhere gives way
        for (int more = own.size() - MOST_WINDOWS; more >= 0; more--) {
            SseEmitter oldest = own.poll();
            if (oldest != null) {
                oldest.complete();
            }
        }
        own.add(emitter);
        emitter.onCompletion(() -> own.remove(emitter));
        emitter.onTimeout(emitter::complete);
        emitter.onError(e -> own.remove(emitter));
        send(own, emitter, SseEmitter.event().comment("open"));
        return emitter;
    }

    /** What has changed. @param run that the page belongs to, as far as it is known */
    record Changed(UUID page, @Nullable UUID run) {}

    public void changed(ReturnedPage page) {
        changed(page.id(), page.whose());
    }

    /** A page of the present owner has changed; told once the change is committed. @param whose null where that is not known */
    public void changed(UUID page, @Nullable PageAssignment whose) {
        if (whose != null) {
            events.publishEvent(new ClassPagesChanged(whose.schoolClass()));
        }
        events.publishEvent(new PageChanged(Ownership.current(), page, whose == null ? null : whose.run()));
    }

    @EventListener
    void tell(PageChanged changed) {
        Queue<SseEmitter> own = listeners.getOrDefault(changed.owner(), NOBODY);
        String data = json.writeValueAsString(new Changed(changed.page(), changed.run()));
        AfterCommit.run(() -> own.forEach(
                emitter -> send(own, emitter, SseEmitter.event().name("page").data(data))));
    }

    /** Keeps lines open and notices those that are gone. */
    @Scheduled(fixedRate = 20_000)
    void beat() {
        listeners
                .values()
                .forEach(own -> own.forEach(
                        emitter -> send(own, emitter, SseEmitter.event().comment("still here"))));
    }

    /** Open lines would hold up a graceful stop. */
    @EventListener
    void closing(ContextClosedEvent closing) {
        listeners.values().forEach(own -> own.forEach(SseEmitter::complete));
    }

    private static void send(Queue<SseEmitter> own, SseEmitter emitter, SseEmitter.SseEventBuilder event) {
        try {
            emitter.send(event);
        } catch (IOException | IllegalStateException gone) {
            own.remove(emitter);
        }
    }
}
