package grastel.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.ApplicationTest;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

@TestPropertySource(
        properties = {
            "management.endpoint.prometheus.access=read-only",
            "management.defaults.metrics.export.enabled=true",
            "management.prometheus.metrics.export.enabled=true",
            "spring.test.metrics.export=true"
        })
class MetricsTest extends ApplicationTest {
    @Test
    void aProgramOnThisMachineIsToldHowManyPagesWait() {
        MvcTestResult told = mvc.perform(MockMvcRequestBuilders.get("/actuator/prometheus"));

        assertThat(told)
                .hasStatusOk()
                .bodyText()
                .contains(
                        "grastel_reading_waiting 0.0", "grastel_reading_pages_seconds_count", "jvm_memory_used_bytes");
    }

    @Test
    void nobodyElseIs() {
        assertThat(asked("192.0.2.7", null)).isFalse();
        assertThat(asked("127.0.0.1", "X-Forwarded-For")).isFalse();
        assertThat(mvc.perform(
                        MockMvcRequestBuilders.get("/actuator/prometheus").with(from("192.0.2.7"))))
                .hasStatus(401);
        MockHttpServletRequest byAnotherName = request("127.0.0.1");
        byAnotherName.setServerName("grastel.example.org");
        assertThat(Security.isFromHere(byAnotherName)).isFalse();
        assertThat(asked("127.0.0.1", null)).isTrue();
        assertThat(asked("0:0:0:0:0:0:0:1", null)).isTrue();
    }

    private static RequestPostProcessor from(String address) {
        return request -> {
            request.setRemoteAddr(address);
            return request;
        };
    }

    private static boolean asked(String address, String header) {
        MockHttpServletRequest request = request(address);
        if (header != null) {
            request.addHeader(header, "198.51.100.4");
        }
        return Security.isFromHere(request);
    }

    private static MockHttpServletRequest request(String address) {
        MockHttpServletRequest request = new MockHttpServletRequest();
        request.setRemoteAddr(address);
        return request;
    }
}
