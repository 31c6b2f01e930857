package grastel.app.returns.screen;

import grastel.app.platform.Ownership;
import grastel.app.returns.intake.Intake;
import grastel.app.returns.intake.Phone;
import grastel.app.returns.page.ScanFile;
import grastel.app.returns.screen.ReturnViews.OutcomeView;
import grastel.core.page.SquareCode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Leave to send pages from a phone, and what the phone itself asks for. */
@RestController
class PhoneController {
    private final Phone phone;
    private final Intake intake;
    private final InetAddress bound;

    PhoneController(Phone phone, Intake intake, @Value("${server.address}") InetAddress bound) {
        this.phone = phone;
        this.intake = intake;
        this.bound = bound;
    }

    /** @param origin where the phone finds this program, as {@code http://address:port} */
    record PhoneRequest(
            @NotNull UUID schoolClass,

            @NotNull @Size(max = 200) @Pattern(regexp = "https?://[A-Za-z0-9.:\\[\\]-]+")
            String origin) {}

    /** @param square rows of a square code that holds the address */
    record PhoneLinkView(
            @NotNull UUID id,
            @NotNull String address,
            @NotNull Instant until,
            @NotNull List<String> square) {}

    /** @param hosts names by which other machines reach this one; empty where it listens only to itself */
    record PhoneReachView(@NotNull List<String> hosts) {}

    record PhoneView(@NotNull String className, @NotNull Instant until) {}

    @GetMapping("/api/returns/phone-reach")
    PhoneReachView reach() throws SocketException {
        List<String> hosts = new ArrayList<>();
        if (!bound.isLoopbackAddress()) {
            for (NetworkInterface card : Collections.list(NetworkInterface.getNetworkInterfaces())) {
                card.inetAddresses()
                        .filter(a -> a.isSiteLocalAddress() && !a.isLoopbackAddress())
                        .forEach(a -> hosts.add(a.getHostAddress()));
            }
        }
        return new PhoneReachView(hosts);
    }

    @PostMapping("/api/returns/phone-links")
    PhoneLinkView open(@Valid @RequestBody PhoneRequest request) {
        Phone.Leave leave = phone.open(request.schoolClass());
        String address = request.origin() + "/phone/" + leave.token();
        return new PhoneLinkView(leave.id(), address, leave.until(), SquareCode.rows(address));
    }

    @DeleteMapping("/api/returns/phone-links/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close(@PathVariable UUID id) {
        phone.close(id);
    }

    @GetMapping("/api/phone/{token}")
    PhoneView enter(@PathVariable String token) {
        Phone.Open open = phone.enter(token);
        return new PhoneView(open.className(), open.until());
    }

    @PostMapping(path = "/api/phone/{token}", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    List<OutcomeView> send(@PathVariable String token, @RequestPart List<MultipartFile> files) {
        Phone.Open open = phone.enter(token);
        return Ownership.as(open.owner(), () -> Uploads.take(intake, files, ScanFile.Source.PHONE, open.schoolClass()));
    }
}
