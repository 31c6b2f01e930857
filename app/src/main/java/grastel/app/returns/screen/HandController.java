package grastel.app.returns.screen;

import grastel.app.platform.colleagues.About;
import grastel.app.platform.colleagues.ForColleagues;
import grastel.app.returns.Hands;
import grastel.app.returns.Hands.HandView;
import grastel.app.returns.page.PageRows;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/returns/pages/{id}/hand")
class HandController {
    private final PageRows rows;
    private final Hands hands;

    HandController(PageRows rows, Hands hands) {
        this.rows = rows;
        this.hands = hands;
    }

    /** What the hand did on a page, as far as its fields say it together. */
    @ForColleagues(About.PAGE)
    @GetMapping
    HandView of(@PathVariable UUID id) {
        return hands.of(List.of(rows.line(id).id()));
    }
}
