package grastel.app.kit;

import grastel.app.account.TeacherJoined;
import grastel.app.platform.ApiProblem;
import grastel.core.colour.Lab;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The front door of the kit. Importing, measuring and copies attach here. */
@Service
@Transactional
public class Kit {
    private final OwnedPencils pencils;
    private final OwnedPapers papers;

    Kit(OwnedPencils pencils, OwnedPapers papers) {
        this.pencils = pencils;
        this.papers = papers;
    }

    /** A pencil of the kit. @param masstone its full-pressure colour */
    public record KitPencil(UUID id, String range, Lab masstone, Pencil pencil) {}

    /** A paper of the kit. */
    public record KitPaper(UUID id, Lab ground, Paper paper) {}

    public List<KitPencil> pencils() {
        return pencils.findAllByOrderByRangeDescCode().stream().map(Kit::info).toList();
    }

    public List<KitPaper> papers() {
        return papers.findAllByOrderByToothDepth().stream().map(Kit::info).toList();
    }

    public KitPencil pencil(UUID id) {
        return pencils.findById(id).map(Kit::info).orElseThrow(() -> ApiProblem.notFound("pencil"));
    }

    public KitPaper paper(UUID id) {
        return papers.findById(id).map(Kit::info).orElseThrow(() -> ApiProblem.notFound("paper"));
    }

    /** A new teacher starts with the shipped ranges and papers. */
    @EventListener
    void prepare(TeacherJoined joined) {
        pencils.saveAll(ShippedKit.pencils().stream().map(OwnedPencil::new).toList());
        papers.saveAll(ShippedKit.papers().stream().map(OwnedPaper::new).toList());
    }

    private static KitPencil info(OwnedPencil p) {
        return new KitPencil(p.id(), p.range(), p.masstone(), p.toPencil());
    }

    private static KitPaper info(OwnedPaper p) {
        return new KitPaper(p.id(), p.ground(), p.toPaper());
    }
}
