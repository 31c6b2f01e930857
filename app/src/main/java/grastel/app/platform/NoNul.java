package grastel.app.platform;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** The character U+0000 is in no text that anybody types, and PostgreSQL keeps none that holds it: it is refused at the door. */
@Configuration
class NoNul {
    @Bean
    JacksonModule textsOfRequests() {
        return new SimpleModule("no-nul").addDeserializer(String.class, new Texts());
    }

    @Bean
    HttpFirewall parametersOfRequests() {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedParameterValues(value -> value.indexOf('\0') < 0);
        return firewall;
    }

    private static final class Texts extends StringDeserializer {
        @Override
        public String deserialize(JsonParser in, DeserializationContext context) {
            String text = super.deserialize(in, context);
            return text != null && text.indexOf('\0') >= 0
                    ? (String) context.handleWeirdStringValue(String.class, text, "U+0000")
                    : text;
        }
    }
}
