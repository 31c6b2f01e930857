package grastel.app.bench;

import grastel.app.bench.Bench.BuiltStack;
import grastel.app.bench.LookViews.AimData;
import grastel.app.bench.LookViews.LookRequest;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import grastel.core.recipe.Method;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Looks at stacks for a few seconds after the start, behind everything else, so that the compiler of the JVM has seen the model
 * before the teacher does: the first touches would else take three times as long.
 */
@Component
@ConditionalOnProperty("grastel.warm-up")
class WarmUp {
    private static final int ROUNDS = 120;

    private final Looking looking;

    WarmUp(Looking looking) {
        this.looking = looking;
    }

    @EventListener
    void start(ApplicationReadyEvent ready) {
        Thread thread = new Thread(this::look, "warm-up");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private void look() {
        List<Pencil> pencils = ShippedKit.pencils().stream()
                .map(ShippedKit.RangePencil::toPencil)
                .toList();
        StackData asked = new StackData(new UUID(0, 0), null, List.of());
        for (int i = 0; i < ROUNDS; i++) {
            List<Layer> layers = new ArrayList<>();
            for (int j = 0; j <= i % 5; j++) {
                Pencil pencil = pencils.get((7 * i + 11 * j) % pencils.size());
                layers.add(new Layer.Colour(Pass.of(pencil, PressureGrade.values()[(i + j) % 5]), 1 + j));
            }
            Stack stack = new Stack(ShippedKit.papers().get(i % 4).toPaper(), Optional.empty(), layers);
            BuiltStack laid = new BuiltStack(asked, stack, Map.of(pencils.get(0), new UUID(0, 1)));
            looking.look(laid, new LookRequest(asked, new AimData(50, 10, 10), 5, null, null), Method.USUAL);
            looking.whatIf(laid, Optional.empty());
        }
    }
}
