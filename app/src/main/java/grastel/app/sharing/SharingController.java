package grastel.app.sharing;

import grastel.app.platform.SignedIn;
import grastel.app.platform.colleagues.Right;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * Sharing classes. What a colleague sees of a class is at the same addresses as the owner's, below {@code
 * /api/shared/<class>} instead of {@code /api} ({@link SharedAccessFilter}).
 */
@RestController
class SharingController {
    private final Sharing sharing;

    SharingController(Sharing sharing) {
        this.sharing = sharing;
    }

    /** @param colleague as they are called */
    record ShareView(
            @NotNull UUID id,
            @NotNull String colleague,
            @NotNull Right right) {
        static ShareView of(Sharing.Share share) {
            return new ShareView(share.id(), share.colleague(), share.right());
        }
    }

    /** @param name by which the colleague signs in */
    record ShareRequest(
            @NotBlank @Size(max = 80) String name, @NotNull Right right) {}

    /** A colleague's class. @param owner as they are called */
    record SharedClassView(
            @NotNull UUID schoolClass,
            @NotNull String name,
            @NotNull String owner,
            @NotNull Right right) {
        static SharedClassView of(Sharing.Shown shown) {
            return new SharedClassView(shown.schoolClass(), shown.name(), shown.owner(), shown.right());
        }
    }

    /** Classes that colleagues let the teacher see. */
    @GetMapping("/api/shared-classes")
    List<SharedClassView> shown(@Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher) {
        return sharing.shownTo(teacher.id()).stream().map(SharedClassView::of).toList();
    }

    @GetMapping("/api/classes/{id}/shares")
    List<ShareView> shares(@PathVariable UUID id) {
        return sharing.of(id).stream().map(ShareView::of).toList();
    }

    /** Lets a colleague see a class, or changes what one may do there. */
    @PutMapping("/api/classes/{id}/shares")
    List<ShareView> allow(@PathVariable UUID id, @Valid @RequestBody ShareRequest request) {
        return sharing.allow(id, request.name(), request.right()).stream()
                .map(ShareView::of)
                .toList();
    }

    @DeleteMapping("/api/classes/{id}/shares/{share}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable UUID id, @PathVariable UUID share) {
        sharing.takeBack(id, share);
    }
}
