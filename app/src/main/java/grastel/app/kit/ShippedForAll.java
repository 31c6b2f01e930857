package grastel.app.kit;

import grastel.app.account.TeacherJoined;
import grastel.app.kit.Kit.PaperData;
import grastel.app.kit.Kit.PencilData;
import grastel.core.media.ShippedKit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Whoever joins starts with the ranges and papers that ship. */
@Component
class ShippedForAll {

    private final Kit kit;
    private final OwnedPencils pencils;
    private final OwnedPapers papers;
    private final OwnedSets sets;

    ShippedForAll(Kit kit, OwnedPencils pencils, OwnedPapers papers, OwnedSets sets) {
        this.kit = kit;
        this.pencils = pencils;
        this.papers = papers;
        this.sets = sets;
    }

    /** Whoever joins starts with the shipped ranges, papers, and a set of each range. */
    @EventListener
    @Transactional
    void prepare(TeacherJoined joined) {
        Map<String, List<UUID>> byRange = new LinkedHashMap<>();
        List<OwnedPencil> shipped = new ArrayList<>();
        for (ShippedKit.RangePencil p : ShippedKit.pencils()) {
            OwnedPencil owned = new OwnedPencil(new PencilData(
                    p.range(),
                    p.code(),
                    p.name(),
                    p.binder(),
                    p.colourless() ? ColourSource.MEASURED_LAB : ColourSource.MEASURED_SPECTRUM,
                    p.colour(),
                    p.colourless() ? Optional.empty() : Optional.of(p.masstone()),
                    p.hiding(),
                    p.softness(),
                    p.colourless(),
                    0,
                    Kit.NEW_LEAD_MM));
            shipped.add(owned);
            if (!p.colourless()) {
                byRange.computeIfAbsent(p.range(), r -> new ArrayList<>()).add(owned.id());
            }
        }
        pencils.saveAllAndFlush(shipped);
        kit.forgetPencils();
        papers.saveAll(ShippedKit.papers().stream()
                .map(p -> new OwnedPaper(new PaperData(p.name(), p.ground(), p.tooth())))
                .toList());
        byRange.forEach((range, ids) -> sets.save(new OwnedSet(range + " " + ids.size(), ids)));
    }
}
