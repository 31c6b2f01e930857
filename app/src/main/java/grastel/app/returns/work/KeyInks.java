package grastel.app.returns.work;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.PrintedSheet;
import grastel.core.layering.KeyRamp;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.page.Card;
import grastel.core.reading.PageReader;
import grastel.core.reading.keys.KeyInk;
import java.util.List;
import org.springframework.stereotype.Component;

/** What pencils look like in key boxes, worked out once for each pencil and paper. */
@Component
class KeyInks {
    private final Cache<On, KeyInk> known =
            Caffeine.newBuilder().maximumSize(1000).build();

    private final Sheets sheets;

    KeyInks(Sheets sheets) {
        this.sheets = sheets;
    }

    private record On(Pencil pencil, Paper paper) {}

    PageReader.Inks of(PrintedSheet sheet) {
        // The key boxes of a card are filled on the card itself.
        Paper on = sheet.layout().hasWindows() ? Card.STOCK : sheet.paper();
        List<KeyInk> own = sheet.plan().palette().stream().map(p -> ink(p, on)).toList();
        List<KeyInk> kit = sheets.pencilsAtHand().stream()
                .filter(p -> !p.colourless())
                .map(p -> ink(p, on))
                .toList();
        return new PageReader.Inks(own, kit);
    }

    private KeyInk ink(Pencil pencil, Paper paper) {
        return known.get(new On(pencil, paper), on -> new KeyInk(pencil.name(), KeyRamp.of(pencil, paper)));
    }
}
