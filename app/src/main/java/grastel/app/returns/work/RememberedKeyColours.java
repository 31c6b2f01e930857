package grastel.app.returns.work;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Printings.PrintedSheet;
import grastel.core.layering.KeyRamp;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.page.Card;
import grastel.core.reading.PageReader;
import grastel.core.reading.keys.KeyColour;
import java.util.List;
import org.springframework.stereotype.Component;

/** What pencils look like in key boxes, worked out once for each pencil and paper. */
@Component
class RememberedKeyColours {
    private final Cache<On, KeyColour> known =
            Caffeine.newBuilder().maximumSize(1000).build();

    private final Printings printings;

    RememberedKeyColours(Printings printings) {
        this.printings = printings;
    }

    private record On(Pencil pencil, Paper paper) {}

    PageReader.KeyColours of(PrintedSheet sheet) {
        // The key boxes of a card are filled on the card itself.
        Paper on = sheet.layout().hasWindows() ? Card.STOCK : sheet.paper();
        List<KeyColour> own =
                sheet.plan().palette().stream().map(p -> ink(p, on)).toList();
        List<KeyColour> kit = printings.pencilsAtHand().stream()
                .filter(p -> !p.colourless())
                .map(p -> ink(p, on))
                .toList();
        return new PageReader.KeyColours(own, kit);
    }

    private KeyColour ink(Pencil pencil, Paper paper) {
        return known.get(new On(pencil, paper), on -> new KeyColour(pencil.name(), KeyRamp.of(pencil, paper)));
    }
}
